import type { Api } from '../../api';
import type { Look } from '../text';

type Version = Api['SealedView'];
type Page = Api['SealedPageView'];
type Entry = Api['SealedEntryView'];
type Changes = Api['ChangesView'];

/** How an entry is shown in one of two versions: its edge, what became of it in words, and what is marked within it. */
export type EntrySide = {
  sign: 'gone' | 'come' | 'moved' | 'same';
  words: string;
  looks: Look[];
  changed?: { places: readonly number[]; look: 'gone' | 'come' };
};

/** The pages of both versions, in the order of the newer one; those that it no longer has stand where they stood. */
export function pagesBeside(before: Version, after: Version): { id: string; old?: Page; now?: Page }[] {
  const rows = after.pages.map((now) => ({
    id: now.id,
    old: before.pages.find((one) => one.id === now.id),
    now,
  }));
  return before.pages.reduce<{ id: string; old?: Page; now?: Page }[]>((all, old, at) => {
    if (all.some((row) => row.id === old.id)) return all;
    const above = before.pages[at - 1]?.id;
    const place = all.findIndex((row) => row.id === above) + 1;
    return all.toSpliced(place, 0, { id: old.id, old });
  }, rows);
}

const changeOf = (id: string, changes: Changes) => changes.entries.find((one) => one.entry === id);

/** Whether something changed at an entry, or a remark was on it. */
export function isWorthShowing(id: string, changes: Changes): boolean {
  const change = changeOf(id, changes);
  const isChanged = !!change && (change.kind !== 'SAME' || change.isMoved);
  return isChanged || changes.carried.some((one) => one.remark.anchor.entry === id);
}

/** How an entry is shown at the left (before) or at the right (after). */
export function sideOf(entry: Entry, changes: Changes, side: 'before' | 'after'): EntrySide {
  const change = changeOf(entry.id, changes);
  const isAfter = side === 'after';
  if (!change) return { sign: 'same', words: '', looks: [] };
  if (change.kind === 'ADDED') return { sign: 'come', words: 'New', looks: [] };
  if (change.kind === 'TAKEN_OUT') return { sign: 'gone', words: 'Taken out', looks: [] };
  const look = isAfter ? 'come' : 'gone';
  const spans = isAfter ? change.words?.come : change.words?.gone;
  const places = isAfter
    ? [...(change.strokes?.come ?? []), ...(change.pictures?.come ?? []), ...(change.pictures?.written ?? [])]
    : [...(change.strokes?.gone ?? []), ...(change.pictures?.gone ?? [])];
  return {
    sign: change.isMoved && isAfter ? 'moved' : 'same',
    words: isAfter ? wordsOf(change) : '',
    // Only a text shows its words; of other kinds the change is said.
    looks: entry.kind === 'TYPED' ? (spans ?? []).map((span): Look => ({ ...span, look })) : [],
    changed: places.length > 0 ? { places, look } : undefined,
  };
}

/** What changed at an entry that both versions have, in a few words. */
function wordsOf(change: Api['EntryChangeView']): string {
  const { words, strokes, pictures } = change;
  const counted = [
    change.isMoved && 'moved',
    words && `${words.newWords} words new, ${words.goneWords} gone`,
    strokes && `${strokes.come.length} strokes new, ${strokes.gone.length} gone`,
    pictures && picturesWords(pictures),
    change.isReplaced && 'another one in its place',
    change.isCaptionChanged && 'another caption',
  ].filter((one) => !!one);
  const line = counted.join('; ');
  return line && line.charAt(0).toUpperCase() + line.slice(1);
}

const picturesWords = ({ come, gone, written }: Api['PlacesView']) =>
  [
    come.length > 0 && `${come.length} new`,
    gone.length > 0 && `${gone.length} taken out`,
    written.length > 0 && `${written.length} written on`,
  ]
    .filter((one) => !!one)
    .join(', ');
