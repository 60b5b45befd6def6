import { expect, test } from 'vitest';
import { aimBy, type Picked, pickedBy, searchFor } from './picked';

const PICKS: Picked[] = [
  { section: 's1', pages: [] },
  { pages: ['p1', 'p2'] },
  { pages: [], notebook: 'n1', monday: '2026-11-16' },
  { pages: [], book: 'b1' },
  { pages: [], collection: 'c1' },
];

test.each(PICKS)('finds again what an address picks: %j', (picked) => {
  expect(pickedBy(new URLSearchParams(searchFor(picked)))).toEqual(picked);
});

test('takes the section of the path where nothing else is picked', () => {
  expect(pickedBy(new URLSearchParams(), 'n1', 's1')).toEqual({ section: 's1', pages: [] });
  expect(pickedBy(new URLSearchParams('pages=p1'), 'n1', 's1').section).toBeUndefined();
});

test('knows a sheet of the open notebook by its Monday alone', () => {
  expect(pickedBy(new URLSearchParams('monday=2026-11-16'), 'n1').notebook).toBe('n1');
});

test.each([
  [{ setWork: 'w1' }, { setWork: 'w1' }],
  [{ unasked: true }, { unasked: true }],
  [{}, {}],
])('says what it is for: %j', (aim, found) => {
  expect(aimBy(new URLSearchParams(searchFor({ pages: ['p1'] }, aim)))).toEqual(found);
});
