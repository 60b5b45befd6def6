import { expect, test } from 'vitest';
import { countWords, dayName, length, percent, wordsPlace } from './words';

test.each([
  ['', 0],
  ['An echo is a reflected sound.', 6],
  ["don't stop", 2],
  ['3.5 m/s', 3],
  ['— … !', 0],
  ['наука о звуке', 3],
])('counts the words of %j as the server does', (text, words) => {
  expect(countWords(text)).toBe(words);
});

test.each([
  [0, '100 to 150 words'],
  [64, '64, at least 36 more'],
  [100, '100 of 100 to 150'],
  [170, '170, 20 too many'],
])('says where %i words stand', (words, place) => {
  expect(wordsPlace(words, 100, 150)).toBe(place);
});

test('writes days, lengths and shares as a student reads them', () => {
  expect([dayName('2026-11-24'), length(185), percent(0.065, 1), percent(0.5)]).toEqual([
    'Tue 24 Nov',
    '3:05',
    '6.5 %',
    '50 %',
  ]);
});
