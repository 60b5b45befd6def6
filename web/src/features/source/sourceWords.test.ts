import { expect, test } from 'vitest';
import { authorsIn, outOn } from './sourceWords';

test.each([
  ['', ''],
  ['2024', '2024'],
  ['2024-03', 'Mar 2024'],
  ['2024-03-05', '5 Mar 2024'],
])('%s came out on %s', (published, words) => {
  expect(outOn(published)).toBe(words);
});

test('takes names apart by semicolons', () => {
  expect(authorsIn(' Byrne, Ada ;; Skerrow Council;')).toEqual(['Byrne, Ada', 'Skerrow Council']);
});
