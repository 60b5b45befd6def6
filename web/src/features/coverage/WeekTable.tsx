import { Fragment } from 'react';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { KIND_NAMES, percent, Shape, WeekNumbers } from '../../ui';
import type { Topic } from './arrange';
import { TopicRow } from './TopicRow';
import { weeksShown } from './WeekGrid';

type Props = {
  coverage: Api['CoverageView'];
  topics: Topic[];
  /** The notebook that the rows lead into; for a teacher there is none. */
  notebook: string | undefined;
  /** Whether the topics stand under their units, in the order of the syllabus. */
  byUnit: boolean;
};

/** Topics by weeks: when the class plans each, what was made for it when, and where it stands. */
export function WeekTable({ coverage, topics, notebook, byUnit }: Props) {
  const weeks = weeksShown(coverage);
  const row = (topic: Topic) => (
    <TopicRow key={topic.id} topic={topic} notebook={notebook} weeks={weeks} week={coverage.week} />
  );
  const inside = (unit: Api['UnitView']) => topics.filter((topic) => topic.unit === unit.id);
  return (
    <>
      <div className="overflow-x-auto rounded-lg bg-card">
        <table className="w-full border-collapse min-[1150px]:min-w-[1000px]">
          <thead className="text-left text-[12.5px] text-soft">
            <tr className="border-b border-line">
              <th className="py-2 pl-4 font-normal min-[1150px]:w-[230px] sm:pl-12">Topic</th>
              <th className="font-normal max-[1149px]:hidden">
                <WeekNumbers weeks={weeks} week={coverage.week} />
              </th>
              <th className="w-[104px] pl-3 font-normal max-sm:hidden">Points</th>
              <th className="w-[58px] text-right font-normal max-sm:hidden">Papers</th>
              <th className="w-[140px] pl-4 font-normal">Where it stands</th>
            </tr>
          </thead>
          <tbody>
            {byUnit
              ? coverage.units
                  .filter((unit) => inside(unit).length > 0)
                  .map((unit) => (
                    <Fragment key={unit.id}>
                      <UnitRow unit={unit} />
                      {inside(unit).map(row)}
                    </Fragment>
                  ))
              : topics.map(row)}
          </tbody>
        </table>
        {topics.length === 0 && <p className="p-4 text-soft">No topic is like this.</p>}
      </div>
      <Legend />
      {notebook && (
        <p className="mt-1 text-[13px]">
          <Link to={`/n/${notebook}/plan`} className="font-semibold text-petrol hover:underline">
            Shift the plan to my own weeks
          </Link>
        </p>
      )}
    </>
  );
}

function UnitRow({ unit }: { unit: Api['UnitView'] }) {
  return (
    <tr className="border-b border-line">
      <th colSpan={4} scope="rowgroup" className="py-1.5 pl-3.5 text-left font-head text-[14.5px]">
        {unit.code} · {unit.title}
      </th>
      <td className="pr-3.5 text-right text-[13px] text-soft">
        <span className="whitespace-nowrap">{percent(unit.weight)}</span>
        <span className="max-sm:sr-only"> of the marks</span>
      </td>
    </tr>
  );
}

function Legend() {
  return (
    <p className="mt-2.5 flex flex-wrap gap-x-4 gap-y-1 text-[13px] text-soft">
      {(Object.keys(KIND_NAMES) as (keyof typeof KIND_NAMES)[]).map((kind) => (
        <span key={kind} className="flex items-center gap-1.5">
          <span className="text-ink">
            <Shape kind={kind} silent />
          </span>
          {KIND_NAMES[kind]}
        </span>
      ))}
      <span className="flex items-center gap-1.5">
        <span className="inline-block h-3 w-6 rounded-sm bg-petrol-wash" />
        when the class plans it
      </span>
    </p>
  );
}
