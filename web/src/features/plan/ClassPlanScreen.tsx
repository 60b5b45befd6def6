import { useSuspenseQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { Link, useParams } from 'react-router';
import { Problem } from '../../api';
import { Button, Heading, Trouble } from '../../ui';
import { Breaches, breachesOf } from '../syllabus';
import { PlanTable } from './PlanTable';
import { classPlanQuery } from './queries';
import { classRequests, usePlanActs } from './usePlanActs';
import { WeekStrip } from './WeekStrip';

/** When a class is to be taught each topic: drawn on the weeks, or read from a file. */
export function ClassPlanScreen() {
  const { class: id = '' } = useParams();
  const query = classPlanQuery(id);
  const sheet = useSuspenseQuery(query).data;
  const acts = usePlanActs(query.queryKey, 'planned', classRequests(id));
  const file = useRef<HTMLInputElement>(null);
  return (
    <div className="max-w-[1040px]">
      <div className="mb-1 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <Heading name={`Plan of ${sheet.name}`} className="text-[24px]" />
        <span className="flex-1" />
        <Button look="quiet" onClick={() => file.current?.click()}>
          Read CSV
        </Button>
        <a
          className="font-semibold text-petrol hover:underline"
          href={`/api/classes/${id}/plan.csv`}
          download
        >
          Save as CSV
        </a>
        <Link to={`/classes/${id}`} className="font-semibold text-petrol hover:underline">
          Coverage
        </Link>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv"
          className="hidden"
          aria-label="CSV file of the plan"
          onChange={(event) =>
            event.target.files?.[0] && acts.read(`/api/classes/${id}/plan.csv`, event.target.files[0])
          }
        />
      </div>
      <p className="mb-3 text-soft">
        Draw over the weeks to plan a topic. Drag the band to move it, an end to stretch it; by keys, Tab to a
        topic, then arrows. Students see it at once.
      </p>
      {acts.error instanceof Problem && breachesOf(acts.error).length > 0 ? (
        <Breaches lines={breachesOf(acts.error)} summary={`${acts.error.message} The plan is as it was.`} />
      ) : (
        <Trouble>{acts.error?.message}</Trouble>
      )}
      <PlanTable
        sheet={sheet}
        strip={(topic) => (
          <WeekStrip
            name={`${topic.code} ${topic.title}`}
            weeks={sheet.weeks}
            week={sheet.week}
            range={topic.planned}
            onChange={(weeks) => acts.put(topic.id, weeks)}
            onClear={() => acts.clear(topic.id)}
          />
        )}
      />
    </div>
  );
}
