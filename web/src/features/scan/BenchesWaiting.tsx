import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { plural } from '../../ui';
import { scansQuery } from './queries';

/** The benches that were left with photos on them, each with the way back. */
export function BenchesWaiting({ page }: { page: Api['PageView'] }) {
  const waiting = useQuery(scansQuery(page.id)).data?.filter((one) => one.shots > 0) ?? [];
  if (waiting.length === 0) return null;
  return (
    <>
      <h2 className="mt-5 mb-1.5 text-[15px]">On the scan bench</h2>
      <ul>
        {waiting.map((one) => (
          <li key={one.id}>
            <Link
              className="block py-1 text-petrol hover:underline"
              to={`/n/${page.notebookId}/p/${page.id}/scan/${one.id}`}
            >
              {plural(one.shots, 'photo')}, not on the page yet
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}
