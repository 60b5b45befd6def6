import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { FREE } from '../../test/visit';
import { codesOn, leavesOf, leftOf, placesAround, turned } from './leaves';

const page = (id: string, ...codes: string[][]) =>
  ({
    id,
    title: id,
    day: '2026-11-10',
    pattern: FREE,
    entries: codes.map((one) => ({ codes: one })),
  }) as unknown as Api['SealedPageView'];

test('puts the title before the pages, and the sheets after them', () => {
  const sheet = { title: 'Week 12, looking back', answers: [], chosen: [] };
  const leaves = leavesOf({ pages: [page('p1'), page('p2')], reflections: [sheet] });
  expect(leaves.map((leaf) => leaf.kind)).toEqual(['title', 'page', 'page', 'sheet']);
});

test('names each point of a page once, ten after nine', () => {
  expect(codesOn(page('p1', ['2.10a', '2.3a'], ['2.9b', '2.3a']))).toEqual(['2.3a', '2.9b', '2.10a']);
});

test.each([
  [0, 1, 1, 3, 1],
  [2, 1, 1, 3, 'after'],
  [0, -1, 1, 3, 'before'],
  [0, 1, 2, 3, 2],
  [2, 1, 2, 3, 'after'],
  [2, 1, 2, 4, 'after'],
  [2, -1, 2, 4, 0],
] as const)('turns from leaf %i by %i with %i open of %i to %s', (at, by, open, count, to) => {
  expect(turned(at, by, open, count)).toBe(to);
});

test.each([
  [3, 2, 2],
  [2, 2, 2],
  [3, 1, 3],
])('shows leaf %i with %i open from leaf %i on', (leaf, open, left) => {
  expect(leftOf(leaf, open)).toBe(left);
});

test.each([
  ['at first only those that lie open', 2, 0, Number.NEGATIVE_INFINITY, [0, 1]],
  ['then those after them too', 2, 0, 0, [0, 1, 2, 3]],
  ['those before and after', 2, 4, 4, [2, 3, 4, 5, 6, 7]],
  ['none behind the last', 2, 8, 8, [6, 7, 8]],
  ['those that lie open after a leap', 1, 8, 0, [0, 1, 8]],
])('draws %s', (_, open, at, around, places) => {
  expect(placesAround(9, open, at, around)).toEqual(places);
});
