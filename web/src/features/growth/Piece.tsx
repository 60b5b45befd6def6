import { Link } from 'react-router';
import type { Api } from '../../api';
import { dayName, evidenceOf, Shape } from '../../ui';
import { EntryLook } from '../entry';

/** A piece of work in a frame of the one size that all have here. */
export function Piece({ piece, says }: { piece: Api['GrowthPiece']; says: string }) {
  const { entry, name, day, notebookId, notebook, page } = piece;
  return (
    <section aria-label={`${says}: ${name}`} className="min-w-0 rounded-lg bg-card">
      <header className="flex flex-wrap items-baseline gap-x-2.5 border-b-2 border-ink px-4 pt-3 pb-1.5">
        <b className="font-head text-[18px]">{dayName(day)}</b>
        <span className="text-[13.5px] text-soft">{says}</span>
      </header>
      <div
        className="h-[46vh] min-h-64 overflow-y-auto px-4 py-3"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a long piece is scrolled by keys
        tabIndex={0}
        role="group"
        aria-label={name}
      >
        <EntryLook entry={entry} />
      </div>
      <footer className="flex gap-1.5 border-t border-line px-4 py-2 text-[13.5px] text-soft">
        <span className="mt-1 flex">
          <Shape kind={evidenceOf(entry.kind)} size={11} />
        </span>
        <Link
          to={`/n/${notebookId}/p/${entry.pageId}?entry=${entry.id}`}
          className="min-w-0 truncate hover:text-petrol hover:underline"
        >
          {page} · {notebook}
        </Link>
      </footer>
    </section>
  );
}
