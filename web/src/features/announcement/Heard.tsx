import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import { Button, Card, dayName } from '../../ui';
import { heardQuery } from './queries';

/** What teachers said to the student's classes: first what is not read yet, then what was said in the week that is seen. */
export function Heard({ monday }: { monday: string }) {
  const heard = useQuery(heardQuery).data ?? [];
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  const read = ({ id }: Api['HeardView']) => {
    queries.setQueryData(heardQuery.queryKey, (now) =>
      now?.map((one) => (one.id === id ? { ...one, isRead: true } : one)),
    );
    void outbox.act({ pageId: '', method: 'PUT', path: `/api/announcements/${id}/read` });
  };
  const shown = heard.filter((one) => !one.isRead || isInWeek(one.saidAt, monday));
  if (shown.length === 0) return null;
  return (
    <Card title="From your teachers" className="max-lg:order-first">
      <ul>
        {shown.map((one) => (
          <li key={one.id} className="border-b border-line py-2 last:border-0">
            <p className={`whitespace-pre-line ${one.isRead ? 'text-soft' : ''}`}>{one.words}</p>
            {one.about && (
              <Link to="/hand-ins" className="inline-block min-h-[26px] text-petrol hover:underline">
                About “{one.about.title}”
              </Link>
            )}
            <div className="flex items-center justify-between gap-3 text-[13px] text-soft">
              <span>
                {one.by} · {one.className} · {dayName(one.saidAt.slice(0, 10))}
              </span>
              {!one.isRead && (
                <Button
                  className="shrink-0 whitespace-nowrap"
                  aria-label={`I have read it: ${one.words.slice(0, 60)}`}
                  onClick={() => read(one)}
                >
                  I have read it
                </Button>
              )}
            </div>
          </li>
        ))}
      </ul>
    </Card>
  );
}

const WEEK_MILLIS = 7 * 24 * 3_600_000;

const isInWeek = (at: string, monday: string): boolean => {
  const since = Date.parse(at) - Date.parse(monday);
  return since >= 0 && since < WEEK_MILLIS;
};
