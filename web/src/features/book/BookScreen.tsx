import { useSuspenseQuery } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'react-router';
import { Button, Card, Heading, plural, Trouble } from '../../ui';
import { SaveCopies } from '../copy';
import { AddPage } from './AddPage';
import { BookPages } from './BookPages';
import { PageEditor } from './PageEditor';
import { bookQuery } from './queries';
import { useBooks } from './useBooks';

/** A book while it is made: its pages in order, the one that is open, and what is still missing. */
export function BookScreen() {
  const { book = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const view = useSuspenseQuery(bookQuery(book)).data;
  const { name, order, add, error } = useBooks();
  const open = view.pages.find((page) => page.id === search.get('page')) ?? view.pages[0];
  const go = (page: string) => setSearch({ page });
  return (
    <div className="max-w-[1400px]">
      <Heading name={view.title} className="text-[24px]">
        <textarea
          aria-label="Title of the book"
          defaultValue={view.title}
          rows={1}
          maxLength={200}
          className="block field-sizing-content w-full resize-none bg-transparent leading-tight"
          onBlur={({ target: { value } }) =>
            value.trim() && value !== view.title && void name(book, value, view.forWhom)
          }
        />
      </Heading>
      <label className="mb-2.5 flex max-w-[700px] items-baseline gap-1.5">
        <span className="text-soft">For</span>
        <input
          aria-label="Who it is for"
          placeholder="who is to read it?"
          defaultValue={view.forWhom}
          maxLength={200}
          className="min-h-7 min-w-0 flex-1 border-b border-transparent bg-transparent placeholder:text-soft hover:border-line"
          onBlur={({ target: { value } }) => value !== view.forWhom && void name(book, view.title, value)}
        />
      </label>
      <div className="mb-3 flex flex-wrap items-center gap-2.5">
        <Link
          to={`/books/${book}/read`}
          className="rounded-md border border-petrol bg-petrol px-3 py-1 font-semibold text-on-petrol hover:brightness-110"
        >
          Read it
        </Link>
        {view.home && (
          <Link
            to={`/n/${view.home}/hand-in?book=${book}`}
            className="rounded-md border border-line bg-card px-3 py-1 font-semibold hover:border-petrol"
          >
            Hand it in
          </Link>
        )}
        <span className="text-soft">
          {view.lacks.length === 0
            ? 'Every page has what it asks for.'
            : `${plural(view.lacks.length, 'thing')} still missing.`}
        </span>
      </div>
      <Trouble>{error?.message}</Trouble>
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[320px_minmax(0,1fr)]">
        <div className="grid gap-3">
          <Card title="Pages">
            <BookPages
              pages={view.pages}
              lacks={view.lacks}
              open={open?.id}
              onOpen={go}
              onOrder={(pages) => order(book, pages)}
            />
            <AddPage onAdd={async (page) => go(await add(book, page))} />
          </Card>
          <Card title="Save a copy" className="max-lg:hidden">
            <SaveCopies kind="BOOK" of={book} />
          </Card>
        </div>
        {open ? (
          <PageEditor
            key={open.id}
            book={book}
            page={open}
            work={view.work}
            lacks={view.lacks.filter((lack) => lack.page === open.id)}
          />
        ) : (
          <Button onClick={() => go('')}>Add a page first</Button>
        )}
      </div>
      <Card title="Save a copy" className="mt-4 lg:hidden">
        <SaveCopies kind="BOOK" of={book} />
      </Card>
    </div>
  );
}
