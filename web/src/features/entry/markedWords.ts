import type { Mark } from '../mark';
import { spotsOf } from '../scan';
import { passageText } from '../text';
import { entryName } from './entryName';
import type { Shown } from './shown';

/** What a mark stands on, in words: its passage, else its entry's caption or text. */
export function markedWords(mark: Mark, entries: Shown[]): string {
  const entry = entries.find((one) => one.id === mark.on);
  if (!entry) return '';
  const spot = spotsOf([entry]).find(({ id }) => id === mark.passage);
  const passage = mark.passage && !spot ? passageText(entry.content, mark.passage) : '';
  return spot?.name || passage || entryName(entry) || 'This entry';
}
