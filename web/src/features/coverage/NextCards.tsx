import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, percent } from '../../ui';
import { resourcesQuery } from '../collection';

const MOST_NEXT = 3;

/** What to cover next, each with its reason and a way to a new page for it. */
export function NextCards({ coverage, notebook }: { coverage: Api['CoverageView']; notebook: string }) {
  const queries = useQueryClient();
  const go = useNavigate();
  const tone = (topic: string) => coverage.topics.find((one) => one.id === topic)?.tone;
  const begin = useMutation({
    mutationFn: (topic: string) =>
      unwrap(
        api.PUT('/api/notebooks/{id}/topics/{topic}/pages/{page}', {
          params: { path: { id: notebook, topic, page: newId() } },
        }),
      ),
    onSuccess: ({ pageId }) => {
      queries.invalidateQueries({ queryKey: ['contents', notebook] });
      go(`/n/${notebook}/p/${pageId}`);
    },
  });
  return (
    <ol aria-label="Cover next" className="mb-3 grid gap-2.5 md:grid-cols-3">
      {coverage.next.slice(0, MOST_NEXT).map((step) => (
        <li
          key={step.topic}
          className={`flex flex-col rounded-lg border-l-[3px] bg-card px-3.5 py-2.5 ${tone(step.topic) === 'MISSING' ? 'border-rust' : 'border-brass'}`}
        >
          <span>
            <Link to={`/n/${notebook}/needle?nodes=${step.topic}`} className="font-semibold hover:underline">
              {step.code} {step.title}
            </Link>
            <span className="text-soft"> · {percent(step.weight, 1)} of marks</span>
          </span>
          <span className="flex flex-1 items-end justify-between gap-3 text-[13.5px] text-soft">
            <span className="min-w-0 flex-1 self-start">
              {step.reason}
              <Helping topic={coverage.topics.find((one) => one.id === step.topic)} notebook={notebook} />
            </span>
            <Button
              look="quiet"
              className="-mr-1.5 -mb-1 shrink-0 whitespace-nowrap"
              aria-label={`New page for ${step.code}`}
              disabled={begin.isPending}
              onClick={() => begin.mutate(step.topic)}
            >
              New page
            </Button>
          </span>
        </li>
      ))}
    </ol>
  );
}

/** The collections that help with a topic, one's own and those that somebody shows. */
function Helping({ topic, notebook }: { topic: Api['TopicView'] | undefined; notebook: string }) {
  const resources = useQuery(resourcesQuery(notebook)).data ?? [];
  const lines = new Set(topic && [topic.id, ...topic.points.map(({ id }) => id)]);
  const helping = new Map(
    resources
      .filter(({ notches }) => notches.some((line) => lines.has(line)))
      .map((one) => [one.collectionId, one] as const),
  );
  if (helping.size === 0) return null;
  return (
    <span className="block">
      In{' '}
      {[...helping.values()].map(({ collectionId, collection, of }, at) => (
        <span key={collectionId}>
          {at > 0 && ', '}
          <Link
            to={`/${of ? 'shown' : 'collections'}/${collectionId}`}
            className="font-semibold text-petrol hover:underline"
          >
            {collection}
          </Link>
        </span>
      ))}
    </span>
  );
}
