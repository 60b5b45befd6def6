import type { Mark } from '../mark';
import { documentText, passageText } from '../text';
import type { Shown } from './shown';

/** What a mark stands on, in words: its passage, else its entry's caption or text. */
export function markedWords(mark: Mark, entries: Shown[]): string {
  const entry = entries.find((one) => one.id === mark.entryId);
  if (!entry) return '';
  const passage = mark.passage ? passageText(entry.content, mark.passage) : '';
  return passage || entry.caption || documentText(entry.content).trim() || 'This entry';
}
