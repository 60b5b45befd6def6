import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { Button, percent } from '../../ui';

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
            <span className="self-start">{step.reason}</span>
            <Button
              look="quiet"
              className="-mr-1.5 -mb-1 whitespace-nowrap"
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
