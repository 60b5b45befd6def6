import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { Api } from '../../api';
import { Card, dayName, Empty, evidenceOf, Heading, percent, plural, Shape } from '../../ui';
import { Heard } from '../announcement';
import { dueWords, latestOf, STATE_WORDS } from '../handin';
import { askedQuery, hourOf } from '../setwork';
import { rulerQuery } from '../shell/queries';
import { DayRow } from './DayRow';
import { weekQuery } from './queries';
import { Tasks } from './Tasks';

const standing = ({ versions }: Api['AskedView']) => {
  const latest = latestOf(versions);
  return latest ? STATE_WORDS[latest.state] : 'not handed in';
};

/** A week: what was made day by day, what is due, what to cover next, what is filed nowhere. */
export function WeekScreen() {
  const { monday = '' } = useParams();
  const week = useSuspenseQuery(weekQuery(monday)).data;
  const today = useSuspenseQuery(rulerQuery).data.today;
  const asked = useQuery(askedQuery).data ?? [];
  const back = asked.filter((one) => latestOf(one.versions)?.state === 'SENT_BACK');
  const due = asked
    .filter((one) => !['CHECKED', 'WAITING', 'BEING_READ'].includes(latestOf(one.versions)?.state ?? ''))
    .sort((a, b) => a.setWork.due.localeCompare(b.setWork.due));
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_300px] xl:grid-cols-[minmax(0,1fr)_340px]">
      <div className="min-w-0">
        <div className="flex flex-wrap items-baseline justify-between gap-x-4">
          <Heading name={title(week)} />
          <Link to="/school-years" className="inline-block min-h-[26px] text-soft hover:text-petrol">
            Terms and breaks
          </Link>
        </div>
        <ol className="flex flex-col gap-1.5">
          {week.days.map((day) => (
            <DayRow key={day.day} day={day} today={today} />
          ))}
        </ol>
      </div>
      <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-3 max-lg:contents">
        <Heard monday={week.monday} />
        {back.map((one) => (
          <Card key={one.setWork.id} title={`Back from ${one.setWork.teacher}`}>
            <Link to={`/versions/${latestOf(one.versions)?.id}`} className="text-petrol hover:underline">
              {one.setWork.title}, version {latestOf(one.versions)?.version}: sent back with{' '}
              {plural(latestOf(one.versions)?.remarks ?? 0, 'remark')}.
            </Link>
          </Card>
        ))}
        <Card title="Due">
          {due.length === 0 && <Empty>Nothing is due.</Empty>}
          <ul>
            {due.map((one) => (
              <li key={one.setWork.id}>
                <Link
                  to="/hand-ins"
                  className="flex items-baseline gap-3 border-b border-line py-1.5 last:border-0 hover:text-petrol"
                >
                  <b className="shrink-0 whitespace-nowrap text-petrol">
                    {dayName(one.setWork.due)}
                    {one.setWork.hour && (
                      <span className="block font-normal">{hourOf(one.setWork.hour)}</span>
                    )}
                  </b>
                  <span className="flex-1">
                    {one.setWork.title}, for {one.setWork.teacher}: {standing(one)}
                  </span>
                  <span className="text-[13px] text-soft">{dueWords(one.setWork, today)}</span>
                </Link>
              </li>
            ))}
          </ul>
        </Card>
        {week.intentions.length > 0 && (
          <Card title="You meant to">
            <ul>
              {week.intentions.map((one) => (
                <li key={one.notebookId} className="border-b border-line py-1.5 last:border-0">
                  {one.words}
                  <span className="text-soft"> · {one.notebook}</span>
                </li>
              ))}
            </ul>
          </Card>
        )}
        <Tasks week={week} today={today} />
        <Card title="Cover next">
          {week.next.length === 0 && <Empty>Nothing is bare and nothing has to be looked at again.</Empty>}
          <ul>
            {week.next.map((step) => (
              <li key={step.topic}>
                <Link
                  to={`/n/${step.notebookId}/coverage`}
                  className="flex items-baseline gap-3 border-b border-line py-1.5 last:border-0 hover:text-petrol"
                >
                  <b className="w-8 shrink-0 text-petrol">{step.code}</b>
                  <span className="flex-1">
                    {step.title}. {step.reason}
                    <span className="text-soft"> · {step.notebook}</span>
                  </span>
                  <span className="text-[13px] whitespace-nowrap text-soft">
                    {percent(step.weight, 1)} of marks
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </Card>
        <Card title="Not filed yet">
          {week.unfiled.length === 0 && <Empty>Everything you made is notched somewhere.</Empty>}
          {week.unfiled[0] && (
            <Link
              to={`/n/${week.unfiled[0].notebookId}/unfiled`}
              className="inline-block min-h-[24px] text-petrol hover:underline"
            >
              File them, one key each
            </Link>
          )}
          <ul>
            {week.unfiled.map((entry) => (
              <li key={entry.id}>
                <Link
                  to={`/n/${entry.notebookId}/p/${entry.pageId}?entry=${entry.id}`}
                  className="flex items-center gap-2.5 border-b border-line py-2 last:border-0 hover:text-petrol"
                >
                  <Shape kind={evidenceOf(entry.kind)} />
                  <span className="min-w-0 flex-1 truncate">{entry.name}</span>
                  <span className="text-[13px] text-soft">{dayName(entry.day)}</span>
                </Link>
              </li>
            ))}
          </ul>
        </Card>
      </div>
    </div>
  );
}

const title = (week: Api['WeekView']) =>
  week.number ? `Week ${week.number}` : (week.breakName ?? 'Outside the school year');
