import { expect, test } from 'vitest';
import { type Order, pagesInOrder } from './pageOrder';

const page = (title: string, day: string) => ({
  id: title,
  title,
  day,
  sectionId: 's',
  entries: 0,
  missing: [],
});
const PAGES = [page('Lesson 10', '2026-10-01'), page('Lesson 9', '2026-11-01'), page('Echo', '2026-09-01')];

test.each([
  ['own', 'Lesson 10, Lesson 9, Echo'],
  ['title', 'Echo, Lesson 9, Lesson 10'],
  ['oldest', 'Echo, Lesson 10, Lesson 9'],
  ['newest', 'Lesson 9, Lesson 10, Echo'],
] as [Order, string][])('sorts pages in the order "%s"', (order, titles) => {
  expect(
    pagesInOrder(PAGES, order)
      .map((one) => one.title)
      .join(', '),
  ).toBe(titles);
});
