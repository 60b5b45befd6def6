import type { Api } from '../../api';
import type { Anchor } from '../remark';
import { linesOf, type Stretch, sentencesOf } from '../text';
import type { Spot } from './SealedContent';

type Entry = Api['SealedEntryView'];

/** What a teacher has chosen to say something about: an entry, words in it or a spot on it; nothing for the whole. */
export type Chosen = { entry?: string; span?: Stretch; spot?: Spot };

/** What a remark is about that is made now, with the sound that is listened to and its moment in seconds. */
export function anchorOf(
  { entry: id, span, spot }: Chosen,
  entries: readonly Entry[],
  { playing, at }: { playing?: { id: string }; at: number },
): Anchor {
  const entry = entries.find((one) => one.id === id);
  if (!entry) return { about: 'WHOLE' };
  if (span)
    return { about: 'WORDS', entry: id, ...span, quote: linesOf(entry.content).slice(span.from, span.to) };
  if (spot) return { about: 'SPOT', entry: id, ...spot };
  if (playing?.id === id && at > 0) return { about: 'MOMENT', entry: id, atMillis: Math.round(1000 * at) };
  return { about: 'ENTRY', entry: id };
}

/** The sentence after the one that is chosen in a text, the first where none is; after the last one none is again. */
export function nextSentence(entry: Entry | undefined, span: Stretch | undefined): Stretch | undefined {
  if (entry?.kind !== 'TYPED') return undefined;
  return sentencesOf(linesOf(entry.content)).find((one) => !span || one.from >= span.to);
}

/** The one after or before in a list, staying at its ends; the first, or the last, where none is chosen. */
export function beside<T>(all: readonly T[], at: T | undefined, by: 1 | -1): T | undefined {
  const place = at === undefined ? -1 : all.indexOf(at);
  if (place < 0) return by > 0 ? all[0] : all.at(-1);
  return all[place + by] ?? all[place];
}

/**
 * The same piece in another student's version: that with the same points, else the one at the same place; so that a teacher
 * can read piece by piece through all students.
 */
export function samePiece(entries: readonly Entry[], codes: string, place: number): string | undefined {
  const found = codes ? entries.find((one) => one.codes.join(' ') === codes) : undefined;
  return (found ?? entries[Math.min(place, entries.length - 1)])?.id;
}
