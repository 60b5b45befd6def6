import { expect, test } from 'vitest';
import { examDayOf, examYearFrom, schoolYearAround } from './days';

test.each([
  ['2026-11-28', '2026-09-01', '2027-07-10', 2028],
  ['2027-02-01', '2026-09-01', '2027-07-10', 2028],
  ['2027-07-31', '2026-09-01', '2027-07-10', 2028],
  ['2027-08-20', '2027-09-01', '2028-07-10', 2029],
])('on %s the school year is %s to %s and the exam in %i', (today, firstDay, lastDay, exam) => {
  expect(schoolYearAround(new Date(`${today}T12:00`))).toEqual({ firstDay, lastDay });
  expect(examYearFrom(new Date(`${today}T12:00`))).toBe(exam);
});

test('guesses no day in a year that is still being typed', () => {
  expect([examDayOf(20), examDayOf(2028)]).toEqual(['', '2028-06-01']);
});
