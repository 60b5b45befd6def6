import type { Api } from '../../api';

export type Weeks = Api['WeeksBody'];

/** The weeks moved as a whole, as far as the year goes. */
export function moved(range: Weeks, by: number, last: number): Weeks {
  const step = Math.min(last - range.last, Math.max(1 - range.first, by));
  return { first: range.first + step, last: range.last + step };
}

/** The weeks with their end moved; one week is the least. */
export const stretched = (range: Weeks, by: number, last: number): Weeks => ({
  first: range.first,
  last: Math.min(last, Math.max(range.first, range.last + by)),
});

/** The weeks from where a hand began to where it is. */
export const drawn = (from: number, to: number): Weeks => ({
  first: Math.min(from, to),
  last: Math.max(from, to),
});

/** What a hand that went from one week to another does to weeks that stood there: an edge it took, else all of it. */
export function dragged(range: Weeks | undefined, from: number, to: number, last: number): Weeks {
  if (!range || from < range.first || from > range.last) return drawn(from, to);
  if (range.first !== range.last && from === range.last) return drawn(range.first, Math.max(range.first, to));
  if (range.first !== range.last && from === range.first) return drawn(Math.min(to, range.last), range.last);
  return moved(range, to - from, last);
}

/** What a key does to weeks: arrows move them, with Shift their end; from nothing, the week at hand. */
export function keyed(
  range: Weeks | undefined,
  { key, shiftKey }: { key: string; shiftKey: boolean },
  last: number,
  now: number,
): Weeks | undefined {
  const by = { ArrowRight: 1, ArrowLeft: -1 }[key];
  if (by === undefined) return key === 'Enter' && !range ? drawn(now, now) : undefined;
  if (!range) return drawn(now, now);
  return shiftKey ? stretched(range, by, last) : moved(range, by, last);
}

export const inWords = (range: Weeks | undefined): string => {
  if (!range) return 'not planned';
  return range.first === range.last ? `week ${range.first}` : `weeks ${range.first} to ${range.last}`;
};
