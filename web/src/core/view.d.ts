/** The core's rules of views of collections, compiled to JavaScript (see `browser/`). Details go by their keys. */

export type Scale = 'WORDS' | 'NUMBERS' | 'DAYS';
export type Height = 'COUNT' | 'SUM' | 'MEAN';

/** An empty gathering; `order` is the order of words in the reader's language. */
export function gathered(order: (one: string, other: string) => number): Gathered;

/** Where the upper left corners of cards lie on a tidy board: x and y of each, flat, in the order of the cards. */
export function tidy(
  ids: string[],
  widths: number[],
  heights: number[],
  groups: string[],
  from: string[],
  to: string[],
): Float64Array;

export interface Gathered {
  /** A thing with all the words that it is found by, in small letters. */
  add(id: string, words: string): void;
  /** One more value of the thing that was added last: numbers with a point, days as year-month-day. */
  value(detail: string, value: string): void;
  /** All things, to be narrowed and sorted. */
  seen(): Seen;
}

export interface Seen {
  holding(word: string): void;
  /** Only things that have this value, or another that is named; an empty value stands for none. */
  only(detail: string, value: string): void;
  sortedBy(detail: string, scale: Scale, isFalling: boolean): void;
  /** The ids of the things that are seen; asked first, when all has been said about which they are. */
  ids(): string[];
  groups(detail: string, scale: Scale): Groups;
  /** How many numbers there are and how many things lack one, their sum, mean, least and most; empty where there is none. */
  figures(detail: string): Float64Array;
  chart(detail: string, scale: Scale, height: Height, number: string): Bars;
}

export interface Groups {
  values(): string[];
  /** Of the group in that place. */
  ids(group: number): string[];
  without(): string[];
}

export interface Bars {
  /** What a chart of days counts by; empty for all others. */
  span(): '' | 'DAY' | 'WEEK' | 'MONTH' | 'YEAR';
  /** How many things lack the detail. */
  without(): number;
  from(): string[];
  to(): string[];
  counts(): Int32Array;
  amounts(): Float64Array;
  /** The part of the whole that each bar is, from 0 to 1; empty where there is no whole. */
  shares(): Float64Array;
}
