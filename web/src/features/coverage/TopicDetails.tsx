import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { type Api, api, unwrap } from '../../api';
import { Button, dayName, evidenceOf, percent, Shape } from '../../ui';
import { resourcesQuery } from '../collection';
import { needleQuery } from '../contents';
import type { Topic } from './arrange';

const SURENESS = {
  OVER_SURE: 'Surer than your papers say.',
  UNDER_SURE: 'Better than you think: your papers say so.',
};

type Props = { topic: Topic; notebook: string | undefined };

/** The points of a topic, in the own notebook with the entries notched to each, and how its figures came about. */
export function TopicDetails({ topic, notebook }: Props) {
  return (
    <div className="grid gap-x-8 gap-y-2 lg:grid-cols-[minmax(0,1fr)_300px]">
      {notebook ? <OwnPoints topic={topic} notebook={notebook} /> : <Points topic={topic} />}
      <div className="text-[13.5px] text-soft">
        <ul aria-label="How this came about">
          {topic.why.map((reason) => (
            <li key={reason} className="mb-1">
              {reason}
            </li>
          ))}
        </ul>
        {topic.rating && (
          <p className="mb-1">
            {notebook ? 'You rate it' : 'Rated'} {topic.rating} of 4.
          </p>
        )}
        {topic.sureness && <p className="mb-1 font-semibold text-rust">{SURENESS[topic.sureness]}</p>}
        {notebook && <Resources topic={topic} notebook={notebook} />}
        {notebook && topic.evidence.length > 0 && <LookAgain topic={topic} notebook={notebook} />}
      </div>
    </div>
  );
}

function Points({ topic }: { topic: Topic }) {
  return (
    <ul>
      {topic.points.map((point) => (
        <li key={point.id} className="border-b border-line/50 py-1 last:border-0">
          <span className="flex items-baseline gap-3">
            <PointWords point={point} />
          </span>
        </li>
      ))}
    </ul>
  );
}

function OwnPoints({ topic, notebook }: { topic: Topic; notebook: string }) {
  const nodes = [topic.id, ...topic.points.map((point) => point.id)];
  const found = useQuery(needleQuery(notebook, { nodes, all: false, kinds: [] })).data ?? [];
  const notched = (node: string) => found.filter((one) => one.entry.notches.includes(node));
  return (
    <ul>
      {topic.points.map((point) => (
        <li key={point.id} className="border-b border-line/50 py-1 last:border-0">
          <Link
            to={`/n/${notebook}/needle?nodes=${point.id}`}
            className="flex items-baseline gap-3 hover:text-petrol"
          >
            <PointWords point={point} />
          </Link>
          <Entries found={notched(point.id)} />
        </li>
      ))}
      {notched(topic.id).length > 0 && (
        <li className="py-1">
          <span className="text-[13px] text-soft">Notched to the topic itself, which covers no point:</span>
          <Entries found={notched(topic.id)} />
        </li>
      )}
    </ul>
  );
}

function PointWords({ point }: { point: Topic['points'][number] }) {
  return (
    <>
      <b className="w-11 shrink-0 text-petrol">{point.code}</b>
      <span className="flex-1">
        {point.statement}
        {point.tier === 'EXTENDED' && <span className="text-soft"> · extended</span>}
        {point.origin === 'OWN' && <span className="text-soft"> · own point</span>}
      </span>
      {point.kinds.length === 0 && <span className="text-[13px] text-rust">bare</span>}
      <span className="flex gap-1 self-center">
        {point.kinds.map((kind) => (
          <Shape key={kind} kind={kind} />
        ))}
      </span>
      <span className="w-14 text-right text-[13px] text-soft">{percent(point.weight, 1)}</span>
    </>
  );
}

function Entries({ found }: { found: Api['FoundView'][] }) {
  return (
    <ul className="pl-14">
      {found.map(({ entry, name, day, page }) => (
        <li key={entry.id}>
          <Link
            to={`/e/${entry.id}`}
            className="flex min-h-6 items-baseline gap-2 text-[13.5px] hover:text-petrol"
          >
            <span className="self-center">
              <Shape kind={evidenceOf(entry.kind)} />
            </span>
            <span className="min-w-0 truncate">{name}</span>
            <span className="whitespace-nowrap text-soft">
              {page} · {dayName(day)}
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** Things of one's collections for this topic or its points; they are no evidence. */
function Resources({ topic, notebook }: { topic: Topic; notebook: string }) {
  const lines = [topic.id, ...topic.points.map((point) => point.id)];
  const found = (useQuery(resourcesQuery(notebook)).data ?? []).filter((one) =>
    one.notches.some((line) => lines.includes(line)),
  );
  if (found.length === 0) return null;
  return (
    <ul aria-label="Resources" className="mb-2">
      {found.map((one) => (
        <li key={one.id}>
          <Link
            to={`/${one.of ? 'shown' : 'collections'}/${one.collectionId}`}
            className="inline-flex min-h-6 items-center font-semibold text-petrol hover:underline"
          >
            {one.title}
          </Link>{' '}
          in {one.collection}
          {one.of && `, ${one.of}`}
        </li>
      ))}
    </ul>
  );
}

function LookAgain({ topic, notebook }: { topic: Topic; notebook: string }) {
  const queries = useQueryClient();
  const look = useMutation({
    mutationFn: () =>
      unwrap(
        api.POST('/api/notebooks/{id}/topics/{topic}/looked-again', {
          params: { path: { id: notebook, topic: topic.id } },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['coverage', notebook] }),
  });
  return <Button onClick={() => look.mutate()}>I looked at it again today</Button>;
}
