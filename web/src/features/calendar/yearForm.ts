import type { Api } from '../../api';

export type Break = Api['BreakView'];
export type Year = Api['SchoolYearBody'];

/** A school year after a given one, or from this autumn on. */
export function nextYear(after: Api['SchoolYearView'] | undefined, today: string): Year {
  const start = after ? addDays(after.lastDay, 60) : today;
  const first = Number(start.slice(0, 4));
  return {
    name: `${first}/${String(first + 1).slice(2)}`,
    firstDay: start,
    lastDay: addDays(start, 300),
    breaks: [],
  };
}

function addDays(day: string, days: number): string {
  const date = new Date(`${day}T00:00:00Z`);
  date.setUTCDate(date.getUTCDate() + days);
  return date.toISOString().slice(0, 10);
}

/** The days of a calendar file that lie in a year and are not entered yet. */
export const addable = (found: Break[], year: Year): Break[] =>
  found.filter(
    (one) =>
      one.last >= year.firstDay &&
      one.first <= year.lastDay &&
      !year.breaks.some((known) => known.first === one.first),
  );

/** The later of two days. */
export const later = (one: string, other: string) => (one.localeCompare(other) > 0 ? one : other);

/** The breaks with some more, in order of days. */
export const withBreaks = (breaks: Break[], more: Break[]): Break[] =>
  [...breaks, ...more].toSorted((one, other) => one.first.localeCompare(other.first));
