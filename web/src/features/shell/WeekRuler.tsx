import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { dayName, plural } from '../../ui';
import { rulerQuery } from './queries';

/** As many things in a week as fill its tally. */
const FULL_TALLY = 8;

/** The school year as a ruler: a tick for each week, breaks hatched, this week marked, a tally of what was made. */
export function WeekRuler({ isStudent }: { isStudent: boolean }) {
  const ruler = useQuery(rulerQuery).data;
  const now = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (ruler) now.current?.scrollIntoView?.({ inline: 'center', block: 'nearest' });
  }, [ruler]);
  // Without a school year there is nothing to measure.
  if (!ruler?.year) return <div className="h-11 flex-1" />;
  return (
    <nav
      aria-label="Weeks of the school year"
      tabIndex={isStudent ? undefined : 0}
      className="no-scrollbar min-w-0 flex-1 overflow-x-auto"
    >
      <ol className="flex h-11 w-max min-w-full items-end">
        {ruler.weeks.map((week) => {
          const isNow = week.monday === ruler.thisMonday;
          return (
            <li
              key={week.monday}
              ref={isNow ? now : undefined}
              className={isNow ? 'min-w-11 flex-[2.2]' : 'min-w-[24px] flex-1'}
            >
              {isStudent ? (
                <Link
                  to={`/week/${week.monday}`}
                  className="block"
                  title={title(week)}
                  aria-current={isNow ? 'date' : undefined}
                >
                  <Tick week={week} isNow={isNow} />
                </Link>
              ) : (
                <Tick week={week} isNow={isNow} />
              )}
            </li>
          );
        })}
      </ol>
    </nav>
  );
}

const title = (week: Api['RulerWeek']) =>
  `${week.number ? `Week ${week.number}` : week.breakName}, from ${dayName(week.monday)}: ${plural(week.made, 'thing')} made`;

function Tick({ week, isNow }: { week: Api['RulerWeek']; isNow: boolean }) {
  const tally = Math.min(1, week.made / FULL_TALLY);
  const number = week.number ?? 0;
  return (
    <span className="relative flex h-11 flex-col justify-end">
      {week.made > 0 && (
        <span
          className={`absolute left-1 h-[3px] rounded bg-marker-strong ${isNow ? 'top-2' : 'bottom-[17px]'}`}
          style={{ width: `calc(${100 * tally}% - 5px)` }}
        />
      )}
      {isNow ? (
        <span className="flex h-7 flex-col justify-end border-l-2 border-marker-strong pl-1 text-[11px] leading-[12px] font-bold text-on-bar">
          {week.number ? (
            <>
              <span>Week</span>
              <span>{week.number}</span>
            </>
          ) : (
            <span>Break</span>
          )}
        </span>
      ) : (
        <span
          className={`h-[15px] border-l border-bar-line pl-0.5 text-[11px] leading-[13px] text-on-bar-soft ${week.number ? '' : 'hatched'}`}
        >
          {number > 0 && number % 2 === 0 ? (
            number
          ) : (
            <span className="sr-only">{week.number ?? week.breakName}</span>
          )}
        </span>
      )}
    </span>
  );
}
