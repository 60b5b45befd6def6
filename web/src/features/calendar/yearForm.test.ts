import { expect, test } from 'vitest';
import { addable, isLong, nextYear, withMore } from './yearForm';

const day = (first: string, last = first) => ({ name: first, first, last });
const YEAR = {
  name: '2026/27',
  firstDay: '2026-09-07',
  lastDay: '2027-07-02',
  terms: [{ ...day('2026-09-07', '2026-12-18'), weeks: 'weeks 1 to 14' }],
  breaks: [day('2026-11-02', '2026-11-08')],
};

test('offers the days of a file that lie in the year and are not entered yet', () => {
  const found = [
    day('2026-08-01'),
    day('2026-11-02'),
    day('2026-12-21', '2027-01-03'),
    day('2027-07-02', '2027-08-30'),
  ];
  expect(addable(found, YEAR).map((one) => one.first)).toEqual(['2026-12-21', '2027-07-02']);
});

test('keeps breaks in order of days', () => {
  expect(withMore(YEAR.breaks, [day('2026-10-01')]).map((one) => one.first)).toEqual([
    '2026-10-01',
    '2026-11-02',
  ]);
});

test('takes four weeks together for a term', () => {
  expect(isLong(day('2026-11-02', '2026-11-29'))).toBe(true);
  expect(isLong(day('2026-11-02', '2026-11-28'))).toBe(false);
});

test('begins the next year after the summer', () => {
  expect(nextYear({ ...YEAR, id: 'y', weeks: 36 }, '2026-11-25')).toMatchObject({
    name: '2027/28',
    firstDay: '2027-08-31',
  });
  expect(nextYear(undefined, '2026-11-25').firstDay).toBe('2026-11-25');
});
