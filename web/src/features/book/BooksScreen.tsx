import { useSuspenseQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { Button, Card, dayName, Empty, Heading, plural, Trouble } from '../../ui';
import { BeginBook } from './BeginBook';
import { type BookPattern, booksQuery } from './queries';
import { useBooks } from './useBooks';

/** A student's books of the year. */
export function BooksScreen() {
  const books = useSuspenseQuery(booksQuery).data;
  const { begin, remove, error } = useBooks();
  const go = useNavigate();
  const start = async (pattern: BookPattern) => go(`/books/${await begin(pattern)}`);
  return (
    <div className="max-w-3xl">
      <Heading name="Books of the year" />
      <Trouble>{error?.message}</Trouble>
      <Card>
        {books.length === 0 && (
          <Empty>
            A book of the year is made of your notebooks: the pieces that you choose, why you chose them, how
            you grew, and what comes next. Nobody sees it before you hand it in.
          </Empty>
        )}
        <ul>
          {books.map((book) => (
            <li key={book.id} className="flex items-baseline gap-3 border-b border-line py-2">
              <Link to={`/books/${book.id}`} className="min-w-0 flex-1 font-semibold hover:text-petrol">
                {book.title}
              </Link>
              <span className="text-[13.5px] text-soft">
                {plural(book.pages, 'page')}, {plural(book.pieces, 'piece')} · begun {dayName(book.madeOn)}
              </span>
              <Button
                look="quiet"
                aria-label={`Delete ${book.title}`}
                onClick={() => void remove(book.id, book.title)}
              >
                Delete
              </Button>
            </li>
          ))}
        </ul>
      </Card>
      <BeginBook onBegin={(pattern) => void start(pattern)} />
    </div>
  );
}
