import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { isIn } from './filled';

/** The table that the core's own test goes by. */
const CASES = readFileSync('../core/src/test/resources/notchbook/core/reflection/filled.tsv', 'utf8')
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => line.split('\t') as [string, string, string, string, string, string]);

test.each(CASES)('judges a range of %s to %s with %s words, %s s, by hand %s: %s', (...one) => {
  const [least = 0, most = 0, words = 0, spoken = 0] = one.slice(0, 4).map(Number);
  const [isByHand, isInRange] = one.slice(4).map((cell) => cell === 'true');
  expect(isIn({ words, spoken, isByHand: !!isByHand }, { least, most })).toBe(isInRange);
});
