import type { Api } from '../../api';

export type ClassView = Api['ClassCoverageView'];
export type Student = Api['ClassStudentView'];
export type Point = Api['ClassPointView'];

/** What a point is for a student: out of force, bare (late or not), or covered by one, two, or more kinds. */
export type Cell = 'OUT' | 'BARE' | 'LATE' | 'ONE' | 'TWO' | 'MORE';

export function cellOf(student: Student, place: number, point: Point): Cell {
  const sign = student.kinds?.[place] ?? '-';
  if (sign === '-') return 'OUT';
  if (sign === '0') return point.isLate ? 'LATE' : 'BARE';
  if (sign === '1') return 'ONE';
  return sign === '2' ? 'TWO' : 'MORE';
}

export const CELL_WORDS: Record<Cell, string> = {
  OUT: 'not for this exam',
  BARE: 'bare',
  LATE: 'bare, and the class has done it',
  ONE: 'one kind of evidence',
  TWO: 'two kinds',
  MORE: 'three kinds or more',
};

/** Students who need help first: most late points, then least of the marks; who has no notebook comes last. */
export const byNeed = (students: Student[]): Student[] =>
  students.toSorted(
    (one, other) =>
      Number(one.kinds === undefined) - Number(other.kinds === undefined) ||
      other.late - one.late ||
      one.marksCovered - other.marksCovered,
  );

/** The places of the points, those that most students miss first when asked so; late ones before others. */
export const placesOf = (points: Point[], isByNeed: boolean): number[] => {
  const places = points.map((_, place) => place);
  const missed = (place: number) => (points[place]?.isLate ? 1e6 : 0) + (points[place]?.bareFor ?? 0);
  return isByNeed ? places.toSorted((one, other) => missed(other) - missed(one)) : places;
};

/** The points that most need teaching again: bare for most students though the class has done them. */
export const mostMissed = (points: Point[], most: number): Point[] =>
  points
    .filter((point) => point.isLate && point.bareFor > 0)
    .toSorted((one, other) => other.bareFor - one.bareFor)
    .slice(0, most);

/** The share of the marks in the middle of the class, from 0 to 1. */
export function median(students: Student[]): number {
  const shares = students
    .filter((student) => student.kinds !== undefined)
    .map((student) => student.marksCovered)
    .toSorted((one, other) => one - other);
  const middle = Math.floor(shares.length / 2);
  const upper = shares[middle] ?? 0;
  return shares.length % 2 ? upper : (upper + (shares[middle - 1] ?? upper)) / 2;
}
