import { useSuspenseQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { Heading, TableFiles } from '../../ui';
import { FileTrouble } from '../syllabus';
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
  return (
    <div className="max-w-[1040px]">
      <div className="mb-1 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <Heading name={`Plan of ${sheet.name}`} className="text-[24px]" />
        <span className="flex-1" />
        <TableFiles
          label="CSV file of the plan"
          href={`/api/classes/${id}/plan.csv`}
          onRead={(file) => acts.read(`/api/classes/${id}/plan.csv`, file)}
        />
        <Link to={`/classes/${id}`} className="font-semibold text-petrol hover:underline">
          Coverage
        </Link>
      </div>
      <p className="mb-3 text-soft">
        Draw over the weeks to plan a topic. Drag the band to move it, an end to stretch it; by keys, Tab to a
        topic, then arrows. Students see it at once.
      </p>
      <FileTrouble error={acts.error} otherwise="The plan is as it was." />
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
