import { Link } from 'react-router';
import type { Api } from '../../api';
import { dayName } from '../../ui';
import { WorkCard } from './WorkCard';

type Made = Api['MadeView'];

/** A day of the week: its work by the pages that it stands on; thin when there is none. */
export function DayRow({ day, today }: { day: Api['DayView']; today: string }) {
  const isToday = day.day === today;
  const groups = byPage(day.made);
  return (
    <li
      className={`flex flex-col gap-x-4 gap-y-1 rounded-lg border-l-4 px-3 sm:flex-row ${isToday ? 'border-brass' : 'border-transparent'} ${groups.length > 0 ? 'bg-card py-2.5' : 'bg-card/55 py-1.5'}`}
    >
      <h2 className={`w-[72px] shrink-0 text-[14.5px] ${groups.length > 0 ? '' : 'text-soft'}`}>
        {dayName(day.day).replace(/ \w+$/, '')}
      </h2>
      {groups.length === 0 && <p className="text-soft">{day.day > today ? 'to come' : 'nothing'}</p>}
      <ul className="flex min-w-0 flex-wrap gap-x-5 gap-y-2.5">
        {groups.map(([page, made]) => (
          <li key={page.work.pageId} className="min-w-0">
            <Link
              to={`/n/${page.notebookId}/p/${page.work.pageId}`}
              className="mb-1 block truncate font-semibold text-petrol hover:underline"
            >
              {page.page}
            </Link>
            <ul className="flex flex-wrap gap-1.5">
              {made.map((one) => (
                <li key={one.work.id}>
                  <WorkCard made={one} />
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
    </li>
  );
}

/** Work in groups of one page each, in the order in which the pages were begun. */
function byPage(made: Made[]): [Made, Made[]][] {
  const groups = new Map<string, Made[]>();
  for (const one of made) {
    const { pageId } = one.work;
    groups.set(pageId, [...(groups.get(pageId) ?? []), one]);
  }
  return [...groups.values()].map((group) => [group[0] as Made, group]);
}
