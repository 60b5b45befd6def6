import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { dayName } from '../../ui';
import { contentsQuery } from '../contents';

/** The other pages of its section, to go from one to the next. */
export function Neighbours({ page }: { page: Api['PageView'] }) {
  const pages = useQuery(contentsQuery(page.notebookId)).data?.pages ?? [];
  const here = pages.filter((one) => one.sectionId === page.sectionId);
  if (here.length < 2) return null;
  return (
    <>
      <h2 className="mt-5 mb-1.5 text-[15px]">In {page.section}</h2>
      <ul>
        {here.map((one) => (
          <li key={one.id} className="border-b border-line last:border-0">
            <Link
              to={`/n/${page.notebookId}/p/${one.id}`}
              aria-current={one.id === page.id ? 'page' : undefined}
              className={`flex items-baseline gap-3 py-1.5 hover:text-petrol ${one.id === page.id ? 'font-semibold' : ''}`}
            >
              <span className="min-w-0 flex-1 truncate">{one.title}</span>
              <span className="text-[13px] font-normal whitespace-nowrap text-soft">{dayName(one.day)}</span>
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}
