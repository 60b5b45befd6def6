import type { Api } from '../../api';
import { KIND_NAMES, plural, Shape } from '../../ui';

/** The weeks that are shown: at least a term and a half, and on to what is planned or made. */
const LEAST_WEEKS = 18;

export const weeksShown = (coverage: Api['CoverageView']) =>
  Math.min(
    coverage.weeks,
    Math.max(
      LEAST_WEEKS,
      ...coverage.topics.flatMap((topic) => [
        topic.plan?.lastWeek ?? 0,
        ...topic.evidence.map((one) => one.week),
      ]),
    ),
  );

type Props = { topic: Api['TopicView']; weeks: number; week: number | undefined };

/** A topic over the weeks: the plan as a band, its evidence as shapes before it. */
export function WeekGrid({ topic, weeks, week }: Props) {
  const at = (number: number) => `${(100 * (number - 1)) / weeks}%`;
  const cell = 100 / weeks;
  return (
    <div className="relative h-9" role="img" aria-label={inWords(topic)}>
      {Array.from({ length: weeks }, (_, i) => (
        <span key={i} className="absolute top-0 h-full border-l border-line/50" style={{ left: at(i + 1) }} />
      ))}
      {topic.plan && (
        <span
          className="absolute top-1 h-7 rounded-sm bg-petrol-wash"
          style={{
            left: at(topic.plan.firstWeek),
            width: `${cell * (topic.plan.lastWeek - topic.plan.firstWeek + 1)}%`,
          }}
        />
      )}
      {week && (
        <span
          className="absolute top-0 h-full border-l border-dotted border-rust"
          style={{ left: `calc(${at(week)} + ${cell / 2}%)` }}
        />
      )}
      {byWeek(topic).map(([number, kinds]) => (
        <span
          key={number}
          className="absolute top-1 flex h-7 flex-wrap content-center items-center justify-center gap-px"
          style={{ left: at(number), width: `${cell}%` }}
        >
          {kinds.map((kind) => (
            <Shape key={kind} kind={kind} size={9} silent />
          ))}
        </span>
      ))}
    </div>
  );
}

function byWeek(topic: Api['TopicView']) {
  const weeks = new Map<number, Set<Api['EvidenceView']['kind']>>();
  for (const one of topic.evidence) weeks.set(one.week, (weeks.get(one.week) ?? new Set()).add(one.kind));
  return [...weeks].map(([number, kinds]) => [number, [...kinds]] as const);
}

function inWords(topic: Api['TopicView']): string {
  const plan = topic.plan
    ? `planned for weeks ${topic.plan.firstWeek} to ${topic.plan.lastWeek}`
    : 'not planned';
  const made = byWeek(topic).map(
    ([week, kinds]) => `week ${week} ${kinds.map((kind) => KIND_NAMES[kind]).join(', ')}`,
  );
  return `${topic.title}: ${plan}; ${made.length ? made.join('; ') : plural(0, 'entry', 'entries')}`;
}
