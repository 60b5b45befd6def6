import { countWords } from '../../ui';
import { documentText } from './documentText';

const known = new WeakMap<object, number>();

/** The words of a document; a document that has not changed is not counted again. */
export function wordsOf(content: unknown): number {
  if (typeof content !== 'object' || content === null) return 0;
  const words = known.get(content) ?? countWords(documentText(content));
  known.set(content, words);
  return words;
}
