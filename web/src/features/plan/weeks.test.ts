import { expect, test } from 'vitest';
import { dragged, inWords, keyed, moved, stretched, type Weeks } from './weeks';

const weeks = (first: number, last = first): Weeks => ({ first, last });

test.each([
  [weeks(7, 8), 2, weeks(9, 10)],
  [weeks(7, 8), -20, weeks(1, 2)],
  [weeks(7, 8), 99, weeks(35, 36)],
])('moves %o by %i to %o', (range, by, expected) => {
  expect(moved(range, by, 36)).toEqual(expected);
});

test.each([
  [weeks(7, 8), 1, weeks(7, 9)],
  [weeks(7, 8), -5, weeks(7)],
  [weeks(35, 36), 3, weeks(35, 36)],
])('stretches %o by %i to %o', (range, by, expected) => {
  expect(stretched(range, by, 36)).toEqual(expected);
});

test.each<[Weeks | undefined, number, number, Weeks]>([
  [undefined, 5, 3, weeks(3, 5)],
  [weeks(7, 8), 2, 4, weeks(2, 4)],
  [weeks(7, 9), 8, 10, weeks(9, 11)],
  [weeks(7, 9), 9, 11, weeks(7, 11)],
  [weeks(7, 9), 9, 2, weeks(7)],
  [weeks(7, 9), 7, 5, weeks(5, 9)],
  [weeks(7, 9), 7, 12, weeks(9)],
  [weeks(7), 7, 9, weeks(9)],
])('drags %o from week %i to week %i: %o', (range, from, to, expected) => {
  expect(dragged(range, from, to, 36)).toEqual(expected);
});

test.each<[Weeks | undefined, string, boolean, Weeks | undefined]>([
  [weeks(7, 8), 'ArrowRight', false, weeks(8, 9)],
  [weeks(7, 8), 'ArrowLeft', true, weeks(7)],
  [undefined, 'Enter', false, weeks(12)],
  [undefined, 'ArrowLeft', false, weeks(12)],
  [weeks(7, 8), 'Enter', false, undefined],
  [weeks(7, 8), 'a', false, undefined],
])('goes from %o by the key %s (shift %s) to %o', (range, key, shiftKey, expected) => {
  expect(keyed(range, { key, shiftKey }, 36, 12)).toEqual(expected);
});

test.each([
  [undefined, 'not planned'],
  [weeks(7), 'week 7'],
  [weeks(7, 8), 'weeks 7 to 8'],
])('says %o as %s', (range, words) => {
  expect(inWords(range)).toBe(words);
});
