import type { Api } from '../../api';
import { length } from '../../ui';

export type Anchor = Api['AnchorView'];
export type Remark = Api['RemarkView'];

/** What is said without words. */
export const SIGN_WORDS = { AGREE: 'Agree', LOOK_AGAIN: 'Look again' } as const;

const LONGEST = 40;

/** Words that are named, not read: the beginning of them. */
export const shortened = (words: string) =>
  words.length > LONGEST ? `${words.slice(0, LONGEST).trimEnd()}…` : words;

/** What a remark is about beside its entry, in a few words; nothing where it is about the whole entry. */
export function placeWords({ about, quote = '', atMillis = 0, picture = 0 }: Anchor): string {
  if (about === 'WHOLE') return 'on the whole';
  if (about === 'WORDS') return `“${shortened(quote)}”`;
  if (about === 'MOMENT') return `at ${length(atMillis / 1000)}`;
  if (about === 'SPOT') return picture > 0 ? `a spot on page ${picture + 1}` : 'a spot';
  return '';
}

/** The remarks on an entry, wherever in it. */
export const remarksOn = (remarks: readonly Remark[], entry: string): Remark[] =>
  remarks.filter((one) => one.anchor.entry === entry);

/** The strokes of a remark that was drawn over what it is about. */
export type Drawn = { width: number; height: number; strokes: InkStrokes };
type InkStrokes = import('../ink').InkStroke[];

export const drawnIn = (remark: Remark) => remark.drawing as Drawn | undefined;
