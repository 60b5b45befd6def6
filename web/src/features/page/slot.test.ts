import { expect, test } from 'vitest';
import type { Shown } from '../entry';
import { cutOf, depthOf, outlineOf, wordsOf } from './slot';

const slot = (...kinds: string[]) => ({ id: 'p1', code: '2.3a', statement: 'Echo', kinds }) as never;
const entry = (kind: string, ...notches: string[]) => ({ id: kind, kind, notches }) as unknown as Shown;

test.each([
  ['a hole for what nobody holds', slot(), [], 'bare'],
  ['another point is no evidence', slot(), [entry('TYPED', 'p2')], 'bare'],
  [
    'what other pages hold',
    slot('TYPED', 'PHOTO'),
    [],
    'on other pages, 2 kinds of evidence in the notebook',
  ],
  ['this page’s', slot('TYPED'), [entry('TYPED', 'p1')], 'notched, 1 kind of evidence in the notebook'],
  [
    'a notch that the server has not counted yet',
    slot('TYPED'),
    [entry('INK', 'p1')],
    'notched, 2 kinds of evidence in the notebook',
  ],
])('%s', (_, of, entries, words) => expect(wordsOf(cutOf(of, entries))).toBe(words));

test('is the deeper the more kinds of evidence there are, as far as the edge goes', () => {
  expect([1, 2, 5, 6].map(depthOf)).toEqual([16, 21, 36, 36]);
  expect(outlineOf({ is: 'hole' })).toBe('');
});
