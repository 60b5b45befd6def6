import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { Card, Radios } from '../../ui';
import { contentsQuery } from '../contents';
import { AS_IT_IS, arranged } from './arrange';
import { CoverageFigures } from './CoverageFigures';
import { CoverageTools } from './CoverageTools';
import { KindTable } from './KindTable';
import { NextCards } from './NextCards';
import { ProgressLine } from './ProgressLine';
import { coverageQuery } from './queries';
import { WeekTable } from './WeekTable';

const VIEWS = { weeks: 'By week', kinds: 'By kind of evidence', line: 'Over time' };
type View = keyof typeof VIEWS;

/** What the exam needs against what the notebook holds: figures, what to do next, and topics by week, by kind and over time. */
export function CoverageScreen() {
  const { notebook: id = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const [wish, setWish] = useState(AS_IT_IS);
  const coverage = useSuspenseQuery(coverageQuery(id)).data;
  const notebook = useSuspenseQuery(contentsQuery(id)).data.notebook;
  if (!notebook.hasSyllabus) return <NoSyllabus notebook={id} />;
  const asked = search.get('view') ?? 'weeks';
  const view = (asked in VIEWS ? asked : 'weeks') as View;
  const topics = arranged(coverage.topics, wish);
  return (
    <div className="max-w-[1040px]">
      <CoverageFigures
        coverage={coverage}
        name={notebook.title}
        aside={
          <Link
            to={`/n/${id}/edition`}
            className="ml-auto pb-1 text-right text-[13.5px] text-soft hover:text-petrol"
          >
            {notebook.edition}
            <br />
            Exam {notebook.examYear}, {notebook.tier.toLowerCase()}
          </Link>
        }
      />
      <NextCards coverage={coverage} notebook={id} />
      <div className="no-print mb-1">
        <Radios
          label="How it is shown"
          values={VIEWS}
          value={view}
          onChoose={(next) => setSearch(next === 'weeks' ? {} : { view: next }, { replace: true })}
        />
      </div>
      {view !== 'line' && <CoverageTools wish={wish} onChange={setWish} notebook={id} />}
      {view === 'weeks' && (
        <WeekTable coverage={coverage} topics={topics} notebook={id} byUnit={wish.order === 'SYLLABUS'} />
      )}
      {view === 'kinds' && <KindTable topics={topics} notebook={id} />}
      {view === 'line' && <ProgressLine coverage={coverage} />}
    </div>
  );
}

function NoSyllabus({ notebook }: { notebook: string }) {
  return (
    <Card title="Coverage" className="max-w-2xl">
      <p className="mb-3">
        This notebook has no syllabus yet, so nobody can say what the exam needs. What you make waits unfiled
        until then.
      </p>
      <Link to={`/n/${notebook}/edition`} className="font-semibold text-petrol hover:underline">
        Bring in the syllabus
      </Link>
    </Card>
  );
}
