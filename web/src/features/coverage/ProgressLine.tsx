import type { Api } from '../../api';
import { percent, plural } from '../../ui';

const WIDTH = 960;
const HEIGHT = 300;
const LEFT = 44;
const RIGHT = 12;
const TOP = 12;
const BOTTOM = 30;
const SHARES = [0, 0.25, 0.5, 0.75, 1];

/** The marks covered through the weeks, the plan beside them, and where they would be on the day of the exam. */
export function ProgressLine({ coverage }: { coverage: Api['CoverageView'] }) {
  const { progress, forecast } = coverage;
  const weeks = Math.max(1, progress.length - 1);
  const x = (week: number) => LEFT + ((week - 1) / weeks) * (WIDTH - LEFT - RIGHT);
  const y = (share: number) => TOP + (1 - share) * (HEIGHT - TOP - BOTTOM);
  const line = (points: [number, number][]) =>
    points.map(([week, share]) => `${x(week)},${y(share)}`).join(' ');
  const made = progress.flatMap((one) =>
    one.covered === undefined ? [] : [[one.week, one.covered] as [number, number]],
  );
  const planned = progress.flatMap((one) =>
    one.planned === undefined ? [] : [[one.week, one.planned] as [number, number]],
  );
  const now = made.at(-1);
  const exam = now && forecast.atExam !== undefined && examOf(now, forecast, progress.length);
  return (
    <figure className="rounded-lg bg-card px-3 pt-4 pb-3">
      <div className="overflow-x-auto">
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          className="w-full min-w-[640px]"
          role="img"
          aria-label={inWords(coverage)}
        >
          {SHARES.map((share) => (
            <g key={share}>
              <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(share)} y2={y(share)} className="stroke-line" />
              <text x={LEFT - 8} y={y(share) + 4} textAnchor="end" className="fill-soft text-[12px]">
                {percent(share)}
              </text>
            </g>
          ))}
          {progress
            .filter((one) => one.week % 2 === 0)
            .map((one) => (
              <text
                key={one.week}
                x={x(one.week)}
                y={HEIGHT - 10}
                textAnchor="middle"
                className={`text-[12px] ${one.week === coverage.week ? 'fill-rust font-bold' : 'fill-soft'}`}
              >
                {one.week}
              </text>
            ))}
          <polyline
            points={line(planned)}
            className="fill-none stroke-petrol"
            strokeDasharray="7 5"
            strokeWidth={1.5}
          />
          <polyline points={line(made)} className="fill-none stroke-ink" strokeWidth={2.5} />
          {now && exam && (
            <>
              <polyline
                points={line([now, exam])}
                className="fill-none stroke-brass"
                strokeDasharray="2 5"
                strokeWidth={2.5}
              />
              <circle cx={x(exam[0])} cy={y(exam[1])} r={5} className="fill-brass" />
            </>
          )}
          {now && <circle cx={x(now[0])} cy={y(now[1])} r={5} className="fill-ink" />}
        </svg>
      </div>
      <figcaption className="mt-1 text-[13.5px] text-soft">
        <p className="mb-1 flex flex-wrap gap-x-5">
          <Key className="border-t-[2.5px] border-ink" words="marks covered" />
          <Key
            className="border-t-[1.5px] border-dashed border-petrol"
            words="what the class plans to have taught"
          />
          {exam && (
            <Key className="border-t-[2.5px] border-dotted border-brass" words="forecast to the exam" />
          )}
        </p>
        <p className="text-ink">{forecastInWords(coverage)}</p>
      </figcaption>
    </figure>
  );
}

/** Where the forecast line ends: the teaching week of the exam, or the last one of the year. */
function examOf([week]: [number, number], forecast: Api['ForecastView'], last: number): [number, number] {
  return [Math.min(last, week + forecast.weeksLeft), forecast.atExam ?? 0];
}

function Key({ className, words }: { className: string; words: string }) {
  return (
    <span className="flex items-center gap-2">
      <span className={`inline-block w-7 ${className}`} />
      {words}
    </span>
  );
}

/** The forecast with what it assumes. */
export function forecastInWords({ marksCovered, forecast }: Api['CoverageView']): string {
  if (forecast.atExam === undefined) {
    return 'Set the day of the exam, and a forecast stands here.';
  }
  const weeks = plural(forecast.weeksLeft, 'teaching week');
  const pace = percent(forecast.pacePerWeek, 1);
  if (forecast.pacePerWeek <= 0) {
    return `Nothing new was covered in the last 6 teaching weeks. At that pace it stays at ${percent(marksCovered)} until the exam in ${weeks}.`;
  }
  return `If you go on as in the last 6 teaching weeks, ${pace} a week, ${percent(forecast.atExam)} of the marks have notes by the exam in ${weeks}.`;
}

function inWords(coverage: Api['CoverageView']): string {
  const weeks = coverage.progress.flatMap((one) =>
    one.covered === undefined ? [] : [`week ${one.week} ${percent(one.covered)}`],
  );
  return `Marks covered: ${weeks.join(', ')}`;
}
