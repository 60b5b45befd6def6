import type { Api } from '../../api';
import { Button, moved } from '../../ui';
import type { BookPage } from './queries';

type Props = {
  pages: BookPage[];
  lacks: Api['BookLack'][];
  open: string | undefined;
  onOpen: (page: string) => void;
  onOrder: (pages: string[]) => void;
};

/** The pages of a book in order, each with how much it lacks. */
export function BookPages({ pages, lacks, open, onOpen, onOrder }: Props) {
  const ids = pages.map((page) => page.id);
  const move = (at: number, by: -1 | 1) => onOrder(moved(ids, at, by));
  return (
    <ol aria-label="Pages of the book" className="mb-2">
      {pages.map((page, at) => (
        <li
          key={page.id}
          className={`flex items-center gap-1 rounded px-1.5 ${page.id === open ? 'bg-petrol-wash' : ''}`}
        >
          <button
            type="button"
            aria-current={page.id === open ? 'page' : undefined}
            className={`min-h-8 min-w-0 flex-1 py-1 text-left hover:text-petrol ${page.leftOut ? 'text-soft line-through' : ''}`}
            onClick={() => onOpen(page.id)}
          >
            {page.heading}
            <Standing page={page} lacks={lacks.filter((lack) => lack.page === page.id).length} />
          </button>
          <Button
            look="quiet"
            disabled={at === 0}
            aria-label={`Move ${page.heading} up`}
            onClick={() => move(at, -1)}
          >
            ↑
          </Button>
          <Button
            look="quiet"
            disabled={at === pages.length - 1}
            aria-label={`Move ${page.heading} down`}
            onClick={() => move(at, 1)}
          >
            ↓
          </Button>
        </li>
      ))}
    </ol>
  );
}

function Standing({ page, lacks }: { page: BookPage; lacks: number }) {
  if (page.leftOut) return <span className="sr-only">, left out</span>;
  return lacks > 0 ? (
    <span className="ml-1.5 text-[12.5px] whitespace-nowrap text-brass">{lacks} missing</span>
  ) : null;
}
