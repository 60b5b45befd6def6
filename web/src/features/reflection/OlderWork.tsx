import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import type { Api } from '../../api';
import { dayName } from '../../ui';
import { olderWorkQuery } from './queries';
import { WorkButton } from './WorkButton';

/** As many as are looked through at a glance; more words find fewer. */
const MOST = 8;

type Props = {
  notebook: string;
  drawn: string[];
  onDraw: (work: Api['Glimpse']) => void;
  onDrag: (work: Api['Glimpse']) => void;
};

/** Work of other weeks, found by its words, to be drawn into an answer like that of the week. */
export function OlderWork({ notebook, drawn, onDraw, onDrag }: Props) {
  const [typed, setTyped] = useState('');
  const words = useDeferredValue(typed.trim());
  const found = useQuery({ ...olderWorkQuery(notebook, words), enabled: words.length > 1 }).data;
  const latest = found?.slice(-MOST).reverse() ?? [];
  return (
    <div className="mt-2.5 border-t border-line pt-2">
      <label className="block text-[13px]">
        <span className="text-soft">Work of other weeks, by its words</span>
        <input
          type="search"
          value={typed}
          placeholder="echo"
          className="mt-1 block min-h-8 w-full rounded-md border border-line bg-card px-2"
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      {found && words.length > 1 && (
        <p role="status" className="mt-1 text-[13px] text-soft">
          {found.length === 0
            ? `Nothing here holds “${words}”.`
            : found.length > MOST && `The latest ${MOST} of ${found.length}; another word finds fewer.`}
        </p>
      )}
      <ul className="mt-1.5 grid grid-cols-2 gap-2 p-0.5">
        {latest.map(({ piece, day }) => (
          <li key={piece.id}>
            <WorkButton
              work={piece}
              says={dayName(day)}
              isDrawn={drawn.includes(piece.id)}
              onDraw={() => onDraw(piece)}
              onDrag={() => onDrag(piece)}
            />
          </li>
        ))}
      </ul>
    </div>
  );
}
