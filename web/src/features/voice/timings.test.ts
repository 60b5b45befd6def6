import { expect, test } from 'vitest';
import { takeOf, withMoment, withoutMoment } from './take';
import { timingsOf } from './timings';
import { loudestOf } from './Waveform';

const START = Date.parse('2026-11-26T10:00:00Z');
const made = (id: string, seconds: number, kind = 'TYPED', content: unknown = {}) => ({
  id,
  kind,
  content,
  madeAt: new Date(START + seconds * 1000).toISOString(),
});

test('ties what was made meanwhile to its moment, whatever pauses there were', () => {
  const stretches = [
    { startedAt: START, length: 10_000 },
    { startedAt: START + 60_000, length: 5_000 },
  ];
  const entries = [
    made('rec', 66, 'RECORDING', { stretches }),
    made('before', -3),
    made('first', 4),
    made('inPause', 30),
    made('second', 62),
    made('after', 90),
  ];
  expect(Object.fromEntries([...timingsOf(entries)].map(([id, timing]) => [id, timing.at]))).toEqual({
    first: 4_000,
    inPause: 10_000,
    second: 12_000,
  });
});

test('knows nothing of a sound that came as a file', () => {
  expect(timingsOf([made('rec', 5, 'RECORDING'), made('note', 3)]).size).toBe(0);
});

test('keeps moments in order of time', () => {
  const late = { id: 'a', at: 9_000, name: 'late' };
  const both = withMoment(withMoment(takeOf({}), late), { id: 'b', at: 400, name: '' });
  expect(both.moments.map((one) => one.id)).toEqual(['b', 'a']);
  expect(withMoment(both, { ...late, name: 'why later' }).moments[1]?.name).toBe('why later');
  expect(withoutMoment(both, 'b').moments).toEqual([late]);
});

test.each([
  [[1, 9, 2, 3], 2, [9, 3]],
  [[1, 9, 2, 3, 8], 2, [9, 8]],
  [[5], 160, [5]],
  [[], 160, []],
])('draws the loudest of each stretch of %j in %i bars', (peaks, bars, drawn) => {
  expect(loudestOf(peaks, bars)).toEqual(drawn);
});
