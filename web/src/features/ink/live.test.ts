import { expect, test } from 'vitest';
import type { InkStroke, Sample } from './ink';
import { boundsOf, cutBy, isHeldBy, isNear, pathOf, settled, shaped } from './live';

const stroke = (points: [number, number][], more: Partial<InkStroke> = {}): InkStroke => ({
  tool: 'pen',
  colour: '#17262D',
  width: 4,
  points: points.map(([x, y], i) => [x, y, 0.5, 16 * i]),
  ...more,
});
const level = stroke([
  [0, 0],
  [100, 0],
]);

test('draws a stroke as closed curves and a stroke of nothing as nothing', () => {
  expect(pathOf(level)).toMatch(/^M[-\d.]+ [-\d.]+(Q[-\d.]+ [-\d.]+ [-\d.]+ [-\d.]+)+Z$/);
  expect(pathOf(stroke([]))).toBe('');
});

test('cuts a stroke where the eraser went and keeps pen and time', () => {
  const pieces = cutBy({ ...level, id: 'a' }, [50, -20, 50, 20], 10);
  expect(pieces).toMatchObject([
    {
      id: 'a',
      colour: '#17262D',
      points: [
        [0, 0, 0.5, 0],
        [expect.closeTo(40, 1), 0, 0.5, expect.any(Number)],
      ],
    },
    {
      points: [
        [expect.closeTo(60, 1), 0, 0.5, expect.any(Number)],
        [100, 0, 0.5, 16],
      ],
    },
  ]);
});

test('gives an untouched stroke back as it is', () => {
  expect(cutBy(level, [50, 40], 10)[0]).toBe(level);
});

test('keeps the tilt of a pen that leans and two samples of a straight line', () => {
  const leaning = Array.from({ length: 9 }, (_, i): Sample => [10 * i, 5, 0.5, 8 * i, 50]);
  expect(settled({ ...level, points: leaning }).points).toEqual([
    [0, 5, 0.5, 0, 50],
    [80, 5, 0.5, 64, 50],
  ]);
});

test('sees the line that was meant, and nothing in a tick', () => {
  const drawn = Array.from({ length: 30 }, (_, i): [number, number] => [5 * i, 40 + (i % 2)]);
  expect(shaped(stroke(drawn))?.points).toHaveLength(2);
  expect(
    shaped(
      stroke([
        [0, 0],
        [3, 5],
        [9, -6],
      ]),
    ),
  ).toBeUndefined();
});

test('tells what is near, what a loop holds and how much room there is', () => {
  expect([isNear(level, 50, 11, 10), isNear(level, 50, 13, 10)]).toEqual([true, false]);
  expect(isHeldBy(level, [-5, -5, 105, -5, 105, 5, -5, 5])).toBe(true);
  expect(boundsOf({ ...level, tool: 'highlighter' })).toEqual({ left: -2, top: -2, right: 102, bottom: 2 });
});
