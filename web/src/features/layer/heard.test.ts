import { expect, test } from 'vitest';
import type { Hearing } from '../voice';
import { heardUnder, litPlaces, madeAtOf } from './heard';
import type { Thing } from './things';

const START = Date.parse('2026-11-26T10:00:00Z');
const stroke = (id: string, y: number, seconds?: number): Thing => ({
  kind: 'ink',
  id,
  locked: false,
  tool: 'pen',
  colour: '#17262D',
  width: 4,
  points: [
    [0, y, 0.5, 0],
    [100, y, 0.5, 800],
  ],
  ...(seconds !== undefined && { madeAt: START + 1000 * seconds }),
});
const spot: Thing = {
  kind: 'spot',
  // The first twelve digits are the time of making.
  id: `${START.toString(16)
    .padStart(12, '0')
    .replace(/^(.{8})/, '$1-')}-7000-8000-000000000001`,
  locked: false,
  number: 1,
  x: 50,
  y: 200,
  words: '',
};

const hearing = (playing?: number): Hearing => ({
  now: () => undefined,
  recordings: ['rec'],
  momentOf: (madeAt) => (madeAt === undefined ? undefined : { recording: 'rec', at: madeAt - START }),
  playing: () => (playing === undefined ? undefined : { recording: 'rec', at: playing }),
  subscribe: () => () => {},
  onHear: () => {},
});

test('knows when a stroke was begun, and of other things by their ids', () => {
  expect(madeAtOf(stroke('a', 0, 4))).toBe(START + 4000);
  expect(madeAtOf(spot)).toBe(START);
  expect(madeAtOf({ ...spot, id: '6f7c1f9e-52f1-4b2f-9d2b-0a4f5b9a1c11' })).toBeUndefined();
});

test('lights up what was drawn at the moment that plays', () => {
  const things = [stroke('old', 0), stroke('a', 20, 4), stroke('b', 40, 9), spot];
  expect([
    litPlaces(things, hearing()),
    litPlaces(things, hearing(3000)),
    litPlaces(things, hearing(9500)),
  ]).toEqual([[], [3], [2]]);
});

test('finds the moment of the stroke that is tapped, and none beside it or of an old one', () => {
  const surface = { getBoundingClientRect: () => ({ left: 10, top: 10, width: 200 }) } as Element;
  const under = (x: number, y: number) =>
    heardUnder([stroke('a', 20, 4), stroke('old', 90)], 100, surface, { clientX: x, clientY: y }, hearing());
  expect([under(110, 50)?.at, under(110, 120), under(110, 190)]).toEqual([4000, undefined, undefined]);
});
