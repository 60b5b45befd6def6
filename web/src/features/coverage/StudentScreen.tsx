import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Radios } from '../../ui';
import { NewPassword } from '../people';
import { CoverageFigures } from './CoverageFigures';
import { KindTable } from './KindTable';
import { ProgressLine } from './ProgressLine';
import { classQuery, studentQuery } from './queries';
import { WeekTable } from './WeekTable';

const VIEWS = { weeks: 'By week', kinds: 'By kind of evidence', line: 'Over time' };

/** One student's coverage as their teacher sees it: the figures and what they are made of, without the work itself. */
export function StudentScreen() {
  const { class: id = '', student = '' } = useParams();
  const seen = useSuspenseQuery(studentQuery(id, student)).data;
  const group = useSuspenseQuery(classQuery(id)).data;
  const [view, setView] = useState<keyof typeof VIEWS>('weeks');
  const { coverage } = seen;
  return (
    <div className="max-w-[1040px]">
      <div className="mb-2 flex flex-wrap items-baseline gap-3">
        <span className="font-head text-[20px] font-bold">{seen.student}</span>
        <Link to={`/classes/${id}`} className="font-semibold text-petrol hover:underline">
          Back to {group.name}
        </Link>
        <span className="flex-1" />
        <NewPassword classId={id} student={student} name={seen.student} />
      </div>
      <CoverageFigures coverage={coverage} name={seen.student} />
      <Radios label="How it is shown" values={VIEWS} value={view} onChoose={setView} />
      <div className="mt-1">
        {view === 'weeks' && (
          <WeekTable coverage={coverage} topics={coverage.topics} notebook={undefined} byUnit />
        )}
        {view === 'kinds' && <KindTable topics={coverage.topics} notebook={undefined} />}
        {view === 'line' && <ProgressLine coverage={coverage} />}
      </div>
    </div>
  );
}
