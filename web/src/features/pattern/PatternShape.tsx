import { arranged, type Pattern, type Zone } from './zones';

const WIDTH = 60;
const HEIGHT = 44;
const FOOT = 10;
const COLUMN = 15;

type Box = { key: string; x: number; y: number; width: number; height: number };

/** A small drawing of where a pattern's zones stand. */
export function PatternShape({ pattern }: { pattern: Pattern }) {
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width={WIDTH}
      height={HEIGHT}
      className="fill-none stroke-petrol"
      aria-hidden="true"
    >
      {boxes(pattern).map(({ key, ...box }) => (
        <rect key={key} {...box} rx="1.5" strokeWidth="1.3" />
      ))}
    </svg>
  );
}

function boxes(pattern: Pattern): Box[] {
  const { left, right, middle, foot } = arranged(pattern);
  const height = HEIGHT - 2 - foot.length * (FOOT + 2);
  const x = 1 + (left ? COLUMN + 2 : 0);
  const width = WIDTH - 1 - x - (right ? COLUMN + 3 : 1);
  const each = (height - (middle.length - 1) * 2) / middle.length;
  const column = (zone: Zone | undefined, at: number): Box[] =>
    zone ? [{ key: zone.key, x: at, y: 1, width: COLUMN, height }] : [];
  return [
    ...column(left, 1),
    ...middle.map((zone, i) => ({ key: zone.key, x, y: 1 + i * (each + 2), width, height: each })),
    ...column(right, WIDTH - 1 - COLUMN),
    ...foot.map((zone, i) => ({
      key: zone.key,
      x: 1,
      y: height + 3 + i * (FOOT + 2),
      width: WIDTH - 2,
      height: FOOT - 1,
    })),
  ];
}
