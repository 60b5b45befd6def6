import { expect, test } from 'vitest';
import { partAt } from './SoundStrip';
import { begunAt, linesOf, saidAt, tapped } from './spokenLines';
import { isHeard, trimmedAt } from './trim';

const LINES = [
  { from: 1000, to: 4000, words: 'Clap' },
  { from: 6000, to: 9000, words: 'Echo' },
];

test('taps lines in one after the other, each until the next', () => {
  const once = tapped([], 'One', 500, 20_000);
  const twice = tapped(once, 'Two', 2500, 20_000);
  expect(twice).toEqual([
    { from: 500, to: 2500, words: 'One' },
    { from: 2500, to: 8500, words: 'Two' },
  ]);
  expect(tapped(twice, 'Between', 1500, 20_000).map((line) => line.words)).toEqual(['One', 'Between', 'Two']);
});

test('shows what is said at a moment', () => {
  expect([saidAt(LINES, 3999), saidAt(LINES, 5000), saidAt(LINES, 6000)]).toEqual([
    [LINES[0]],
    [],
    [LINES[1]],
  ]);
});

test('moves a line with what it lasts and keeps the order', () => {
  const clap = LINES[0] as (typeof LINES)[0];
  expect(begunAt(LINES, clap, 10_000)).toEqual([LINES[1], { from: 10_000, to: 13_000, words: 'Clap' }]);
});

test('takes lines from a text and leaves empty ones out', () => {
  expect(linesOf(' One \n\n  \nTwo')).toEqual(['One', 'Two']);
});

test('trims at either end and leaves half a second', () => {
  const front = trimmedAt(undefined, 10_000, 'from', 2000.4);
  expect(front).toEqual({ from: 2000, to: 10_000 });
  expect(trimmedAt(front, 10_000, 'to', 8000)).toEqual({ from: 2000, to: 8000 });
  expect(trimmedAt(front, 10_000, 'to', 2400)).toBeUndefined();
  expect([isHeard(front, 1999), isHeard(front, 2000), isHeard(undefined, 0)]).toEqual([false, true, true]);
});

test('turns the strip over like a page', () => {
  expect([partAt(100, 0, 50), partAt(100, 30, 29), partAt(100, 30, 30), partAt(100, 30, 99)]).toEqual([
    { from: 0, to: 100 },
    { from: 0, to: 30 },
    { from: 30, to: 60 },
    { from: 70, to: 100 },
  ]);
});
