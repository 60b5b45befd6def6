import type { Api } from '../../api';

type Content = Pick<Api['SealedView'], 'pages' | 'reflections'>;

/** What stands on one leaf of a book: its title, a page, or the sheet of a week. */
export type Leaf =
  | { kind: 'title' }
  | { kind: 'page'; page: Api['SealedPageView'] }
  | { kind: 'sheet'; sheet: Api['SealedReflectionView']; pages: Content['pages'] };

export const leavesOf = ({ pages, reflections }: Content): Leaf[] => [
  { kind: 'title' },
  ...pages.map((page): Leaf => ({ kind: 'page', page })),
  ...reflections.map((sheet): Leaf => ({ kind: 'sheet', sheet, pages })),
];

/** The piece of work that is to be seen by itself. */
export const pieceOf = ({ pages }: Content, id: string | null): Api['SealedEntryView'] | undefined =>
  pages.flatMap((page) => page.entries).find((entry) => entry.id === id && entry.isPiece);

/** The points that a page is notched at, each once, in their order. */
export const codesOn = (page: Api['SealedPageView']): string[] =>
  [...new Set(page.entries.flatMap((entry) => entry.codes))].sort((a, b) =>
    a.localeCompare(b, 'en', { numeric: true }),
  );

/** Where turning leads: to the leaf at the left, or out of the book at its beginning or end. */
export function turned(at: number, by: 1 | -1, open: number, count: number): number | 'before' | 'after' {
  const next = at + by * open;
  if (next < 0) return 'before';
  return next >= count ? 'after' : next;
}

/** The leaf at the left when a leaf is to be seen and so many lie open. */
export const leftOf = (leaf: number, open: number) => leaf - (leaf % open);

/** The leaves that are drawn: those that lie open, and those before and after them once these have been looked at. */
export function placesAround(count: number, open: number, at: number, around: number): number[] {
  const from = Math.max(0, around - open);
  const to = Math.min(count, around + 2 * open);
  const places = new Set(Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i));
  for (let place = at; place < Math.min(at + open, count); place++) places.add(place);
  return [...places].sort((a, b) => a - b);
}
