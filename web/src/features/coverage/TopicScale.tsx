import type { Point } from './classGrid';

/** More codes than this do not fit beside each other; then every second one is left out. */
const MOST_CODES = 24;

/** The codes of the topics over their points, where each begins. */
export function TopicScale({ points }: { points: Point[] }) {
  const starts = points.flatMap((point, place) =>
    place === 0 || points[place - 1]?.topicCode !== point.topicCode
      ? [{ code: point.topicCode, place, topic: point.topic }]
      : [],
  );
  const step = Math.ceil(starts.length / MOST_CODES);
  return (
    <span className="relative block h-4" aria-hidden="true">
      {starts
        .filter((_, i) => i % step === 0)
        .map((start) => (
          <span
            key={start.place}
            title={start.topic}
            className="absolute border-l border-line pl-0.5 text-[11px] leading-4"
            style={{ left: `${(100 * start.place) / points.length}%` }}
          >
            {start.code}
          </span>
        ))}
    </span>
  );
}
