import { useSuspenseQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { Button, Heading, Trouble } from '../../ui';
import { PlanTable } from './PlanTable';
import { ownPlanQuery } from './queries';
import { ownRequests, usePlanActs } from './usePlanActs';
import { WeekStrip } from './WeekStrip';
import { inWords } from './weeks';

/** When a student means to do each topic: the class's plan, shifted where their own time is another. */
export function OwnPlanScreen() {
  const { notebook: id = '' } = useParams();
  const query = ownPlanQuery(id);
  const sheet = useSuspenseQuery(query).data;
  const acts = usePlanActs(query.queryKey, 'own', ownRequests(id));
  return (
    <div className="max-w-[1040px]">
      <div className="mb-1 flex flex-wrap items-baseline justify-between gap-x-5 gap-y-1">
        <Heading name="My plan" className="text-[24px]" />
        <Link to={`/n/${id}/coverage`} className="font-semibold text-petrol hover:underline">
          Coverage
        </Link>
      </div>
      <p className="mb-3 text-soft">
        The pale band is when the class does it. Draw over the weeks, or Tab to a topic and use the arrows, to
        do it at a time of your own; only you see that.
      </p>
      <Trouble>{acts.error?.message}</Trouble>
      <PlanTable
        sheet={sheet}
        strip={(topic) => (
          <WeekStrip
            name={`${topic.code} ${topic.title}`}
            weeks={sheet.weeks}
            week={sheet.week}
            range={topic.own}
            behind={topic.planned}
            onChange={(weeks) => acts.put(topic.id, weeks)}
            onClear={() => acts.clear(topic.id)}
          />
        )}
        aside={(topic) =>
          topic.own && (
            <Button
              look="quiet"
              className="block px-0 text-[13px] whitespace-nowrap"
              onClick={() => acts.clear(topic.id)}
            >
              {topic.planned ? `Back to ${inWords(topic.planned)}` : 'Clear'}
              <span className="sr-only">: {topic.code}</span>
            </Button>
          )
        }
      />
    </div>
  );
}
