import type { Api } from '../../api';
import { type Gathered, gathered, type Scale, type Seen } from '../../core/view';
import { type Aspect, type Item, TITLE, valuesOf } from './details';

export type Look = Api['Look'];
export type Shape = Look['shape'];

export const SHAPES: Record<Shape, string> = {
  LIST: 'List',
  TABLE: 'Table',
  PICTURES: 'Pictures',
  GROUPS: 'Groups',
  CHART: 'Chart',
  TIME: 'Time',
  BOARD: 'Board',
};

export const FIRST_LOOK: Look = {
  shape: 'LIST',
  words: '',
  only: {},
  sorts: [],
  height: 'COUNT',
  shown: [],
};

const order = new Intl.Collator('en', { sensitivity: 'base', numeric: true }).compare;

/** What is on its way to the server may be written otherwise than it is kept; until it is read there, it counts as missing. */
const IS_READ: Record<Scale, (value: string) => boolean> = {
  WORDS: () => true,
  NUMBERS: (value) => /^-?\d+(\.\d+)?$/.test(value),
  DAYS: (value) => /^\d{4}-\d{2}-\d{2}$/.test(value),
};

/** The things of a collection, handed to the rules of the core. */
export function gather(items: readonly Item[], aspects: readonly Aspect[]): Gathered {
  const things = gathered(order);
  for (const item of items) {
    things.add(item.id, wordsOf(item, aspects));
    for (const { key, scale } of aspects)
      for (const value of valuesOf(item, key).filter(IS_READ[scale])) things.value(key, value);
  }
  return things;
}

const wordsOf = (item: Item, aspects: readonly Aspect[]) =>
  [item.note, item.why, item.url, ...aspects.flatMap(({ key }) => valuesOf(item, key))]
    .filter(Boolean)
    .join(' ')
    .toLowerCase();

/** What a look lets be seen, and in which order. */
export function seenBy(
  things: Gathered,
  look: Look,
  aspects: readonly Aspect[],
): { seen: Seen; ids: string[] } {
  const seen = things.seen();
  for (const word of look.words.toLowerCase().split(/\s+/).filter(Boolean)) seen.holding(word);
  for (const [key, values] of Object.entries(look.only)) for (const value of values) seen.only(key, value);
  for (const { detail, isFalling } of look.sorts) {
    const aspect = aspects.find(({ key }) => key === detail);
    if (aspect) seen.sortedBy(aspect.key, aspect.scale, isFalling);
  }
  return { seen, ids: seen.ids() };
}

/** Sorts by a detail first; by one that is first already the other way round, then no more. */
export function sortedBy(look: Look, detail: string): Look {
  const [first, ...others] = look.sorts;
  const rest = look.sorts.filter((sort) => sort.detail !== detail);
  if (first?.detail !== detail)
    return { ...look, sorts: [{ detail, isFalling: false }, ...rest].slice(0, 5) };
  return { ...look, sorts: first.isFalling ? others : [{ detail, isFalling: true }, ...others] };
}

/** The details of the student's own that stand with the things: those that were chosen, else all. */
export const ownShown = (look: Look, aspects: readonly Aspect[]): Aspect[] => {
  const own = aspects.filter((aspect) => aspect.own);
  const chosen = own.filter(({ key }) => look.shown.includes(key));
  return chosen.length > 0 ? chosen : own;
};

/** What a look groups, counts or colours by: what it says, or else the first detail that tells things apart. */
export const byOf = (look: Look, aspects: readonly Aspect[]): Aspect =>
  aspects.find(({ key }) => key === look.by) ??
  aspects.find(({ own }) => own?.kind === 'ONE_OF' || own?.kind === 'SOME_OF') ??
  aspects.find(({ key }) => key === 'kind') ??
  TITLE;

/** What a look is narrowed to with other values of a detail; without any it is narrowed by that no more. */
export function onlyWith(only: Look['only'], key: string, values: string[]): Look['only'] {
  const { [key]: _, ...others } = only;
  return values.length > 0 ? { ...others, [key]: values } : others;
}
