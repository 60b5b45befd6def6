import { expect, test } from 'vitest';
import { byNeed, cellOf, median, mostMissed, type Point, placesOf, type Student } from './classGrid';

const student = (
  id: string,
  marksCovered: number,
  late: number,
  kinds: string | undefined = '',
): Student => ({
  id,
  name: id,
  marksCovered,
  late,
  bare: late,
  kinds,
});
const point = (code: string, bareFor: number, isLate: boolean): Point => ({
  id: code,
  code,
  statement: code,
  topicCode: '',
  topic: '',
  bareFor,
  isLate,
});
const POINTS = [point('a', 3, true), point('b', 9, false), point('c', 7, true), point('d', 0, true)];

test.each([
  [0, 'OUT'],
  [1, 'LATE'],
  [2, 'ONE'],
  [3, 'TWO'],
  [4, 'MORE'],
  [9, 'OUT'],
] as const)('reads the sign at place %i as %s', (place, cell) => {
  expect(cellOf(student('s', 0, 0, '-0126'), place, point('p', 0, true))).toBe(cell);
});

test('calls a point bare but not late before the class has done it', () => {
  expect(cellOf(student('s', 0, 0, '0'), 0, point('p', 0, false))).toBe('BARE');
});

test('puts those who need help first, and those without a notebook last', () => {
  const all = [
    student('a', 0.9, 0),
    student('b', 0.2, 0),
    student('c', 0.9, 3),
    { ...student('d', 0, 0), kinds: undefined },
  ];
  expect(byNeed(all).map((one) => one.id)).toEqual(['c', 'b', 'a', 'd']);
});

test('puts points first that are late and bare for most', () => {
  expect(placesOf(POINTS, true).map((place) => POINTS[place]?.code)).toEqual(['c', 'a', 'd', 'b']);
  expect(placesOf(POINTS, false)).toEqual([0, 1, 2, 3]);
  expect(mostMissed(POINTS, 5).map((one) => one.code)).toEqual(['c', 'a']);
});

test.each([
  [[0.2], 0.2],
  [[0.2, 0.4], 0.3],
  [[0.9, 0.1, 0.4], 0.4],
  [[], 0],
])('knows the middle of %o', (shares, middle) => {
  expect(median(shares.map((share) => student('s', share, 0)))).toBeCloseTo(middle);
});
