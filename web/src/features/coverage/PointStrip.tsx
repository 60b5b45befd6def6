import { type Cell, cellOf, type Point, type Student } from './classGrid';

const STEP = 10;
const CELL = 8.6;

const FILLS: Record<Exclude<Cell, 'OUT'>, string> = {
  BARE: 'fill-line',
  LATE: 'fill-rust',
  ONE: 'fill-petrol opacity-35',
  TWO: 'fill-petrol opacity-70',
  MORE: 'fill-ink',
};

type Props = {
  student: Student;
  points: Point[];
  places: number[];
  onPoint: (place: number | undefined) => void;
};

/** A student's points in a row; as one picture of five paths, so that a year group stays light. */
export function PointStrip({ student, points, places, onPoint }: Props) {
  const at = (cell: Cell) =>
    places.flatMap((place, i) => {
      const point = points[place];
      return point && cellOf(student, place, point) === cell ? [`M${i * STEP} 0h${CELL}v10h-${CELL}z`] : [];
    });
  return (
    <svg
      viewBox={`0 0 ${Math.max(1, places.length) * STEP} 10`}
      preserveAspectRatio="none"
      className="h-3.5 w-full"
      role="img"
      aria-label={inWords(student, points)}
      onPointerMove={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        const i = Math.floor(((event.clientX - box.left) / box.width) * places.length);
        onPoint(places[i]);
      }}
      onPointerLeave={() => onPoint(undefined)}
    >
      {(Object.keys(FILLS) as (keyof typeof FILLS)[]).map((cell) => (
        <path key={cell} d={at(cell).join('')} className={FILLS[cell]} />
      ))}
    </svg>
  );
}

function inWords(student: Student, points: Point[]): string {
  const late = points.filter((point, place) => cellOf(student, place, point) === 'LATE');
  const codes = late.map((point) => point.code).join(', ');
  return `${student.bare} points bare${late.length ? `, of these late: ${codes}` : ''}`;
}
