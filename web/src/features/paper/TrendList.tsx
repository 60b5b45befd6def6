import { Link } from 'react-router';
import type { Api } from '../../api';
import { Card, Empty, percent } from '../../ui';
import { TRENDS } from './paperGrid';

const TONES: Record<Api['TrendView']['direction'], string> = {
  UP: 'text-moss',
  DOWN: 'text-rust',
  LEVEL: 'text-soft',
  ONE_PAPER: 'text-soft',
};

/** Each topic's marks from paper to paper. */
export function TrendList({ trends, notebook }: { trends: Api['TrendView'][]; notebook: string }) {
  return (
    <Card title="Topics from paper to paper">
      {trends.length === 0 && <Empty>Give a paper’s marks by question or topic, and they stand here.</Empty>}
      <ul>
        {trends.map((trend) => (
          <li
            key={trend.topic}
            className="flex items-center gap-3 border-b border-line/60 py-1.5 last:border-0"
          >
            <Link
              to={`/n/${notebook}/needle?nodes=${trend.topic}`}
              className="min-w-0 flex-1 leading-tight hover:text-petrol"
            >
              <b className="mr-2 text-petrol">{trend.code}</b>
              {trend.title}
              <span className={`block text-[12.5px] ${TONES[trend.direction]}`}>
                {TRENDS[trend.direction]}
              </span>
            </Link>
            <Sparks marks={trend.marks} />
            <span className="w-11 text-right font-semibold">{percent(trend.marks.at(-1)?.share ?? 0)}</span>
          </li>
        ))}
      </ul>
    </Card>
  );
}

const HEIGHT = 30;
const STEP = 22;

/** The shares as a line of dots; half of the marks is the line across. */
function Sparks({ marks }: { marks: Api['TrendMarkView'][] }) {
  const width = Math.max(1, marks.length - 1) * STEP + 10;
  const at = (mark: Api['TrendMarkView'], i: number) =>
    [5 + i * STEP, 3 + (1 - mark.share) * (HEIGHT - 6)] as const;
  return (
    <svg
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={marks.map((mark) => percent(mark.share)).join(', ')}
      className="shrink-0"
    >
      <line x1={0} x2={width} y1={HEIGHT / 2} y2={HEIGHT / 2} className="stroke-line" strokeDasharray="2 3" />
      <polyline
        points={marks.map((mark, i) => at(mark, i).join(',')).join(' ')}
        className="fill-none stroke-petrol"
        strokeWidth={1.5}
      />
      {marks.map((mark, i) => {
        const [x, y] = at(mark, i);
        return <circle key={`${mark.day} ${i}`} cx={x} cy={y} r={3} className="fill-petrol" />;
      })}
    </svg>
  );
}
