import { type ReactNode, useState } from 'react';
import type { Api } from '../../api';
import { Dialog } from '../../ui';
import { pointsMatching } from './pointsMatching';

type Props = {
  title: string;
  points: Api['NodeView'][];
  cut: ReadonlySet<string>;
  hint: string;
  onToggle: (node: string) => void;
  onClose: () => void;
  /** What is chosen before the points. */
  children?: ReactNode;
};

/** Choose points by typing a code or a word; Enter takes the marked one, arrows mark another. */
export function NotchPicker({ title, points, cut, hint, onToggle, onClose, children }: Props) {
  const [typed, setTyped] = useState(hint);
  const [wished, setMarked] = useState(0);
  const found = pointsMatching(points, typed);
  // Other points may be fewer.
  const marked = Math.min(wished, Math.max(0, found.length - 1));
  const press = (key: string) => {
    if (key === 'ArrowDown') setMarked(Math.min(found.length - 1, marked + 1));
    if (key === 'ArrowUp') setMarked(Math.max(0, marked - 1));
    const point = found[marked];
    if (key === 'Enter' && point) {
      onToggle(point.id);
      setTyped('');
      setMarked(0);
    }
  };
  return (
    <Dialog title={title} onClose={onClose}>
      <div className="mb-2 empty:hidden">{children}</div>
      <input
        aria-label="Code or word of a point"
        placeholder="Code or word, such as 2.3b or echo"
        autoFocus
        value={typed}
        className="w-full rounded-md border border-line bg-card px-2.5 py-2"
        role="combobox"
        aria-expanded="true"
        aria-controls="points-found"
        aria-activedescendant={found[marked] && `point-${found[marked].id}`}
        onChange={(event) => {
          setTyped(event.target.value);
          setMarked(0);
        }}
        onKeyDown={(event) => {
          if (['ArrowDown', 'ArrowUp', 'Enter'].includes(event.key)) event.preventDefault();
          press(event.key);
        }}
      />
      <div id="points-found" role="listbox" aria-label="Points" className="mt-2 max-h-[50vh] overflow-auto">
        {found.map((point, i) => (
          <button
            key={point.id}
            id={`point-${point.id}`}
            type="button"
            role="option"
            tabIndex={-1}
            aria-selected={cut.has(point.id)}
            className={`flex w-full items-baseline gap-3 rounded px-2 py-1.5 text-left ${i === marked ? 'bg-petrol-wash' : 'hover:bg-wash'}`}
            onClick={() => onToggle(point.id)}
          >
            <b className="w-11 shrink-0 text-petrol">{point.code}</b>
            <span className="flex-1">{point.title}</span>
            <span className="text-[13px] text-soft">
              {cut.has(point.id) ? 'notched' : point.kind === 'TOPIC' ? 'whole topic' : ''}
            </span>
          </button>
        ))}
        {found.length === 0 && <p className="p-2 text-soft">No point has this code or word.</p>}
      </div>
    </Dialog>
  );
}
