import type { Api } from '../../api';

export type Break = Api['BreakView'];

/** A term or a break: days with a name. */
export type Stretch = Break;
export type Year = Api['SchoolYearBody'];

/** No break of a school year but the summer is as long. In days. */
const SHORTEST_TERM = 28;

/** A school year after a given one, or from this autumn on. */
export function nextYear(after: Api['SchoolYearView'] | undefined, today: string): Year {
  const start = after ? addDays(after.lastDay, 60) : today;
  const first = Number(start.slice(0, 4));
  return {
    name: `${first}/${String(first + 1).slice(2)}`,
    firstDay: start,
    lastDay: addDays(start, 300),
    terms: [],
    breaks: [],
  };
}

function addDays(day: string, days: number): string {
  const date = new Date(`${day}T00:00:00Z`);
  date.setUTCDate(date.getUTCDate() + days);
  return date.toISOString().slice(0, 10);
}

const daysBetween = (first: string, last: string) => (Date.parse(last) - Date.parse(first)) / 86_400_000 + 1;

/** The days of a calendar file that lie in a year and are not entered yet. */
export const addable = (found: Break[], year: Year): Break[] =>
  found.filter(
    (one) =>
      one.last >= year.firstDay &&
      one.first <= year.lastDay &&
      ![...year.breaks, ...year.terms].some((known) => known.first === one.first),
  );

/** Days of a calendar file that are many together, which are a term sooner than a break. */
export const isLong = (one: Stretch) => daysBetween(one.first, one.last) >= SHORTEST_TERM;

/** The later of two days. */
export const later = (one: string, other: string) => (one.localeCompare(other) > 0 ? one : other);

/** Stretches with some more, in order of days. */
export const withMore = (known: Stretch[], more: Stretch[]): Stretch[] =>
  [...known, ...more].toSorted((one, other) => one.first.localeCompare(other.first));
