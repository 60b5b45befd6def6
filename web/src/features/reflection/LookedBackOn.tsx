import { useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { Link } from 'react-router';
import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { lookBacksOnQuery } from './queries';

type Props = { page: Api['PageView']; chosen: string | undefined };

const WAY = 'inline-flex min-h-7 items-center font-semibold text-petrol hover:underline';

/** What was written looking back on a page or on something on it, and the ways to begin. */
export function LookedBackOn({ page: { id, notebookId }, chosen }: Props) {
  const heading = useId();
  const all = useQuery(lookBacksOnQuery(id)).data ?? [];
  const begin = (search: string) => `/n/${notebookId}/look-backs/${newId()}?${search}`;
  return (
    <section aria-labelledby={heading} className="mt-5">
      <h2 id={heading} className="mb-1 text-[15px]">
        Looking back on it
      </h2>
      <ul>
        {all.map((one) => (
          <li key={one.id} className="border-b border-line py-1">
            <Link to={`/n/${notebookId}/look-backs/${one.id}`} className="block hover:text-petrol">
              <b>{one.title}</b>
              <span className="line-clamp-2 text-[13.5px] text-soft">{one.words}</span>
            </Link>
          </li>
        ))}
      </ul>
      <p className="flex flex-wrap gap-x-4 py-1 text-[13.5px]">
        {chosen && (
          <Link to={begin(`entry=${chosen}`)} className={WAY}>
            Look back on this entry
          </Link>
        )}
        <Link to={begin(`page=${id}`)} className={WAY}>
          Look back on the page
        </Link>
      </p>
    </section>
  );
}
