import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { countWords, dayName, length, percent, wordsPlace } from './words';

/** Texts in many scripts with the counts that the core's own test holds it to. */
const COUNTED = readFileSync('../core/src/test/resources/notchbook/core/text/words.tsv', 'utf8')
  .replace(/\n$/, '')
  .split('\n')
  .map((line) => line.split('\t') as [string, string]);

test.each(COUNTED)('counts %s words as the server does in %j', (words, text) => {
  expect(countWords(text)).toBe(Number(words));
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
