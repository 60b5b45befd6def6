import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { Fragment, useState } from 'react';
import { Link, useParams } from 'react-router';
import { type Api, api, unwrap } from '../../api';
import { Button, Heading, KIND_NAMES, percent, Shape } from '../../ui';
import { contentsQuery } from '../notebook';
import { coverageQuery } from './queries';
import { WeekGrid, weeksShown } from './WeekGrid';

const TONES: Record<Api['TopicView']['tone'], string> = {
  GOOD: 'text-moss',
  OPEN: 'text-petrol',
  SOON: 'text-brass',
  MISSING: 'text-rust',
  AHEAD: 'text-soft',
};

/** What the exam needs against what the notebook holds: figures, weeks by topics, and what to do next. */
export function CoverageScreen() {
  const { notebook: id = '' } = useParams();
  const coverage = useSuspenseQuery(coverageQuery(id)).data;
  const notebook = useSuspenseQuery(contentsQuery(id)).data.notebook;
  const weeks = weeksShown(coverage);
  return (
    <div className="max-w-[1040px]">
      <div className="mb-3 flex flex-wrap items-end gap-x-7 gap-y-2">
        <Heading name={`Coverage of ${notebook.title}`} className="sr-only" />
        <Figure value={percent(coverage.marksCovered)} words="of the marks have notes behind them" />
        <Figure
          value={String(coverage.pointsBare)}
          words={coverage.pointsBare === 1 ? 'point still bare' : 'points still bare'}
        />
        <Figure
          value={String(coverage.topicsBehind)}
          words={coverage.topicsBehind === 1 ? 'topic behind the plan' : 'topics behind the plan'}
        />
        <p className="ml-auto pb-1 text-right text-[13.5px] text-soft">
          {notebook.edition}
          <br />
          Exam {notebook.examYear}, {notebook.tier.toLowerCase()}
        </p>
      </div>
      <NextCards coverage={coverage} notebook={id} />
      <div className="overflow-x-auto rounded-lg bg-card">
        <table className="w-full min-w-[1000px] border-collapse">
          <thead className="text-left text-[12.5px] text-soft">
            <tr className="border-b border-line">
              <th className="w-[230px] py-2 pl-12 font-normal">Topic</th>
              <th className="font-normal">
                <span className="sr-only">Weeks</span>
                <span className="flex" aria-hidden="true">
                  {Array.from({ length: weeks }, (_, i) => (
                    <span
                      key={i}
                      className={`flex-1 text-center text-[11.5px] ${i + 1 === coverage.week ? 'font-bold text-rust' : ''}`}
                    >
                      {i + 1}
                    </span>
                  ))}
                </span>
              </th>
              <th className="w-[104px] pl-3 font-normal">Points</th>
              <th className="w-[58px] text-right font-normal">Papers</th>
              <th className="w-[140px] pl-4 font-normal">Where it stands</th>
            </tr>
          </thead>
          <tbody>
            {coverage.units.map((unit) => (
              <Fragment key={unit.id}>
                <tr className="border-b border-line">
                  <th
                    colSpan={4}
                    scope="rowgroup"
                    className="py-1.5 pl-3.5 text-left font-head text-[14.5px]"
                  >
                    {unit.code} · {unit.title}
                  </th>
                  <td className="pr-3.5 text-right text-[13px] text-soft">
                    {percent(unit.weight)} of the marks
                  </td>
                </tr>
                {coverage.topics
                  .filter((topic) => topic.unit === unit.id)
                  .map((topic) => (
                    <TopicRow key={topic.id} topic={topic} notebook={id} weeks={weeks} week={coverage.week} />
                  ))}
              </Fragment>
            ))}
          </tbody>
        </table>
      </div>
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
    </div>
  );
}

function Figure({ value, words }: { value: string; words: string }) {
  return (
    <p>
      <span className="block font-head text-[38px] leading-[1.05] font-bold">{value}</span>
      <span className="text-[13.5px] text-soft">{words}</span>
    </p>
  );
}

const MOST_NEXT = 3;

function NextCards({ coverage, notebook }: { coverage: Api['CoverageView']; notebook: string }) {
  const tone = (topic: string) => coverage.topics.find((one) => one.id === topic)?.tone;
  return (
    <ol aria-label="Cover next" className="mb-3 grid gap-2.5 md:grid-cols-3">
      {coverage.next.slice(0, MOST_NEXT).map((step) => (
        <li
          key={step.topic}
          className={`rounded-lg border-l-[3px] bg-card px-3.5 py-2.5 ${tone(step.topic) === 'MISSING' ? 'border-rust' : 'border-brass'}`}
        >
          <Link to={`/n/${notebook}/needle?nodes=${step.topic}`} className="font-semibold hover:underline">
            {step.code} {step.title}
          </Link>
          <span className="text-soft"> · {percent(step.weight, 1)} of marks</span>
          <span className="block text-[13.5px] text-soft">{step.reason}</span>
        </li>
      ))}
    </ol>
  );
}

function TopicRow({
  topic,
  notebook,
  weeks,
  week,
}: {
  topic: Api['TopicView'];
  notebook: string;
  weeks: number;
  week: number | undefined;
}) {
  const [isOpen, setOpen] = useState(false);
  const bare = topic.points.filter((point) => !point.isCovered).length;
  return (
    <>
      <tr className="border-b border-line/60">
        <th scope="row" className="text-left font-normal">
          <button
            type="button"
            className="flex w-full items-baseline gap-3 py-2 pl-3.5 text-left hover:text-petrol"
            aria-expanded={isOpen}
            onClick={() => setOpen(!isOpen)}
          >
            <span className="w-6 text-[12.5px] text-soft">{topic.code}</span>
            {topic.title}
          </button>
        </th>
        <td>
          <WeekGrid topic={topic} weeks={weeks} week={week} />
        </td>
        <td className="pl-3">
          <span
            className="flex gap-[3px]"
            role="img"
            aria-label={`${topic.points.length - bare} of ${topic.points.length} points covered`}
          >
            {topic.points.map((point) => (
              <span
                key={point.id}
                title={`${point.code} ${point.statement}`}
                className={`size-[9px] rounded-[2px] border border-ink ${point.isCovered ? 'bg-ink' : ''}`}
              />
            ))}
          </span>
        </td>
        <td className="text-right">{topic.paper === undefined ? '–' : percent(topic.paper)}</td>
        <td className={`py-1 pl-4 font-semibold ${TONES[topic.tone]}`}>{topic.standing}</td>
      </tr>
      {isOpen && (
        <tr className="border-b border-line/60 bg-wash">
          <td colSpan={5} className="py-2 pr-4 pl-12">
            <TopicDetails topic={topic} notebook={notebook} />
          </td>
        </tr>
      )}
    </>
  );
}

const SURENESS = {
  OVER_SURE: 'Surer than your papers say.',
  UNDER_SURE: 'Better than you think: your papers say so.',
};

function TopicDetails({ topic, notebook }: { topic: Api['TopicView']; notebook: string }) {
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
  return (
    <>
      <ul className="max-w-2xl">
        {topic.points.map((point) => (
          <li key={point.id}>
            <Link
              to={`/n/${notebook}/needle?nodes=${point.id}`}
              className="flex items-baseline gap-3 py-0.5 hover:text-petrol"
            >
              <b className="w-11 shrink-0 text-petrol">{point.code}</b>
              <span className="flex-1">{point.statement}</span>
              <span className="flex w-16 justify-end gap-1 self-center">
                {point.kinds.map((kind) => (
                  <Shape key={kind} kind={kind} />
                ))}
                {point.kinds.length === 0 && <span className="text-[13px] text-rust">bare</span>}
              </span>
              <span className="w-14 text-right text-[13px] text-soft">{percent(point.weight, 1)}</span>
            </Link>
          </li>
        ))}
      </ul>
      <p className="mt-1.5 flex flex-wrap items-center gap-3 text-[13.5px] text-soft">
        {topic.rating && <span>You rate it {topic.rating} of 4.</span>}
        {topic.sureness && <b className="text-rust">{SURENESS[topic.sureness]}</b>}
        {topic.evidence.length > 0 && (
          <Button onClick={() => look.mutate()}>I looked at it again today</Button>
        )}
      </p>
    </>
  );
}
