import { expect, test } from 'vitest';
import { pageRange } from './pageRange';

test.each([
  ['1', [1]],
  ['2-4', [2, 3, 4]],
  ['1, 3–4,9', [1, 3, 4, 9]],
  ['4,1-2,2', [1, 2, 4]],
  [' 10 ', [10]],
])('reads %s', (typed, pages) => {
  expect(pageRange(typed, 10)).toEqual(pages);
});

test.each(['', '0', '11', '3-2', '1-', 'a', '1;2', '2-11', '-3', '1.5'])(
  'does not guess at “%s”',
  (typed) => {
    expect(pageRange(typed, 10)).toBeUndefined();
  },
);
