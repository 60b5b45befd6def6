import { useQuery } from '@tanstack/react-query';
import { CartesianGrid, Line, LineChart, XAxis, YAxis } from 'recharts';
import type { Api } from '../../api';
import { Card, percent } from '../../ui';
import { growthWeeksQuery } from './queries';

type Week = Api['GrowthWeek'];

/** The lines, told apart by dashes and signs as well as by colour; how sure one is counts 4 of 4 as all. */
const LINES = [
  { name: 'marks covered', of: (week: Week) => week.covered, stroke: 'var(--ink)', dash: '', sign: 'circle' },
  {
    name: 'marks in papers',
    of: (week: Week) => week.paper,
    stroke: 'var(--brass)',
    dash: '2 4',
    sign: 'square',
  },
  {
    name: 'how sure you are',
    of: (week: Week) => week.rating && week.rating / 4,
    stroke: 'var(--petrol)',
    dash: '8 4',
    sign: 'diamond',
  },
  {
    name: 'weeks with a sheet',
    of: (week: Week) => week.written,
    stroke: 'var(--moss)',
    dash: '10 3 2 3',
    sign: 'triangle',
  },
] as const;

const WIDTH = 980;
const HEIGHT = 250;

/** How sure one was against the marks, and the marks covered, week by week; with the table behind it. */
export function WeekLines({ notebook, node }: { notebook: string; node: string | undefined }) {
  const weeks = useQuery(growthWeeksQuery(notebook, node)).data?.weeks ?? [];
  if (weeks.length === 0) return null;
  const points = weeks.map((week) => ({
    week: week.number,
    ...Object.fromEntries(LINES.map((line) => [line.name, line.of(week)])),
  }));
  return (
    <Card title="Week by week" className="mb-3">
      <figure>
        <div className="overflow-x-auto" aria-hidden="true">
          <LineChart
            width={WIDTH}
            height={HEIGHT}
            data={points}
            accessibilityLayer={false}
            margin={{ left: 0, right: 16, top: 8, bottom: 4 }}
          >
            <CartesianGrid vertical={false} stroke="var(--line)" />
            <XAxis dataKey="week" stroke="var(--soft)" fontSize={12} tickLine={false} />
            <YAxis
              domain={[0, 1]}
              ticks={[0, 0.25, 0.5, 0.75, 1]}
              tickFormatter={(share: number) => percent(share)}
              stroke="var(--soft)"
              fontSize={12}
              width={50}
              tickLine={false}
              axisLine={false}
            />
            {LINES.map((line) => (
              <Line
                key={line.name}
                dataKey={line.name}
                stroke={line.stroke}
                strokeDasharray={line.dash}
                strokeWidth={2.2}
                isAnimationActive={false}
                dot={<Sign kind={line.sign} fill={line.stroke} />}
              />
            ))}
          </LineChart>
        </div>
        <figcaption className="mt-1 text-[13.5px]">
          <ul className="flex flex-wrap gap-x-5 gap-y-1 text-soft" aria-hidden="true">
            {LINES.map((line) => (
              <li key={line.name} className="flex items-center gap-2">
                <svg width="34" height="12" aria-hidden="true">
                  <line
                    x1="0"
                    x2="34"
                    y1="6"
                    y2="6"
                    stroke={line.stroke}
                    strokeWidth="2.2"
                    strokeDasharray={line.dash}
                  />
                  <Sign kind={line.sign} fill={line.stroke} cx={17} cy={6} />
                </svg>
                {line.name}
              </li>
            ))}
          </ul>
          <details className="mt-1.5">
            <summary className="cursor-pointer font-semibold text-petrol">The figures as a table</summary>
            <WeekFigures weeks={weeks} />
          </details>
        </figcaption>
      </figure>
    </Card>
  );
}

type SignProps = { kind: string; fill: string; cx?: number; cy?: number };

/** Where a line has a week; recharts says where. */
function Sign({ kind, fill, cx, cy }: SignProps) {
  if (cx === undefined || cy === undefined || Number.isNaN(cy)) return null;
  if (kind === 'circle') return <circle cx={cx} cy={cy} r={3.2} fill={fill} />;
  if (kind === 'triangle') return <path d={`M${cx} ${cy - 4}l4 7h-8z`} fill={fill} />;
  return (
    <rect
      x={cx - 3}
      y={cy - 3}
      width={6}
      height={6}
      fill={fill}
      transform={kind === 'diamond' ? `rotate(45 ${cx} ${cy})` : undefined}
    />
  );
}

function WeekFigures({ weeks }: { weeks: Week[] }) {
  const cell = 'px-2 py-1 text-right';
  return (
    <div className="mt-1 overflow-x-auto">
      <table className="text-[13.5px]">
        <thead>
          <tr className="border-b border-line">
            {['Week', 'Marks covered', 'Marks in papers', 'How sure, of 4', 'Sheets written'].map((name) => (
              <th key={name} scope="col" className={`${cell} font-semibold`}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {weeks.map((week) => (
            <tr key={week.number} className="border-b border-line">
              <th scope="row" className={cell}>
                {week.number}
              </th>
              <td className={cell}>{week.covered === undefined ? '–' : percent(week.covered)}</td>
              <td className={cell}>{week.paper === undefined ? '–' : percent(week.paper)}</td>
              <td className={cell}>
                {week.rating === undefined ? '–' : week.rating.toFixed(1).replace('.0', '')}
              </td>
              <td className={cell}>{week.sheets}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
