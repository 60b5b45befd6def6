import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { Card, dayName } from '../../ui';
import { GlimpseLook } from '../entry';
import { lookBacksQuery } from './queries';

/** What was written looking back on single pieces of a notebook, the latest first. */
export function OnPieces({ notebook }: { notebook: string }) {
  const all = useQuery(lookBacksQuery(notebook)).data ?? [];
  return (
    <Card title="On one piece of work" className="mt-4">
      {all.length === 0 && (
        <p className="text-soft">
          Choose an entry on any page and press “Look back on it”: four questions on that piece alone.
        </p>
      )}
      <ul>
        {all.map((one) => (
          <PieceLine key={one.id} line={one} />
        ))}
      </ul>
    </Card>
  );
}

function PieceLine({ line }: { line: Api['LookBackLine'] }) {
  return (
    <li className="border-b border-line py-2 last:border-0">
      <Link
        to={`/n/${line.notebookId}/look-backs/${line.id}`}
        className="flex items-center gap-3 hover:text-petrol"
      >
        <span className="grid h-[46px] w-[74px] shrink-0 place-items-center overflow-hidden rounded border border-line">
          {line.piece && <GlimpseLook work={line.piece} className="h-full w-full" />}
        </span>
        <span className="min-w-0 flex-1">
          <b className="block truncate">{line.title}</b>
          <span className="line-clamp-1 text-[13.5px] text-soft">{line.words}</span>
        </span>
        <span className="shrink-0 text-[13px] text-soft">
          {dayName(line.day)} · {line.met} of {line.prompts}
        </span>
      </Link>
    </li>
  );
}
