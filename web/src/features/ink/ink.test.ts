import { expect, test } from 'vitest';
import { type InkStroke, short, strokePath, without } from './ink';

const stroke = (points: [number, number][], width = 4): InkStroke => ({
  tool: 'pen',
  colour: '#17262D',
  width,
  points: points.map(([x, y], i) => [x, y, 0.5, 16 * i]),
});

test.each([
  ['in the middle of a point', 50, 50, 0],
  ['at the rim of its reach and half the pen', 62, 50, 0],
  ['just past it', 62.5, 50, 1],
  ['far away', 200, 200, 1],
])('rubs a stroke out or leaves it: %s', (_, x, y, left) => {
  expect(without([stroke([[50, 50]])], x, y, 10)).toHaveLength(left);
});

test('rubs out only the strokes that it touches', () => {
  const kept = stroke([[200, 200]]);
  expect(without([stroke([[10, 10]]), kept], 10, 10, 5)).toEqual([kept]);
});

test('draws a stroke as one closed path and a stroke of nothing as nothing', () => {
  const path = strokePath(
    stroke([
      [0, 0],
      [20, 10],
      [40, 0],
    ]),
  );
  expect(path).toMatch(/^M[-\d.]+ [-\d.]+(L[-\d.]+ [-\d.]+)+Z$/);
  expect(strokePath(stroke([]))).toBe('');
});

test('keeps a hundredth of a pixel and no more', () => {
  expect([1.005, 12.3456, -0.001].map(short)).toEqual([1, 12.35, -0]);
});

test('erases only the strokes that are touched', () => {
  const stroke = (y: number) =>
    ({ tool: 'pen', colour: '#000000', width: 4, points: [[10, y, 0.5, 0]] }) as InkStroke;
  expect(without([stroke(10), stroke(50)], 12, 14, 8)).toEqual([stroke(50)]);
});
