import type { Api } from '../../api';
import { plural } from '../../ui';

export type Change = Api['ChangeView'];
export type Kind = Change['kind'];

/** What became of a line, as one reads it in a list. */
export const KINDS: Record<Kind, string> = {
  SAME: 'Same',
  REWORDED: 'Reworded',
  MOVED: 'Moved',
  ADDED: 'New',
  DROPPED: 'Dropped',
};

export const isPoint = (change: Change) => (change.after ?? change.before)?.kind === 'POINT';

export const ofKind = (changes: Change[], kind: Kind) =>
  changes.filter((change) => change.kind === kind && isPoint(change));

/** What a move does to the points, in a sentence. */
export function inWords(changes: Change[]): string {
  const parts = (Object.keys(KINDS) as Kind[])
    .map((kind) => [ofKind(changes, kind).length, KINDS[kind].toLowerCase()] as const)
    .filter(([count]) => count > 0)
    .map(([count, word]) => `${count} ${word}`);
  return parts.length ? `Of the points: ${parts.join(', ')}.` : 'Neither edition has a point.';
}

/** What becomes of the work, in a sentence. */
export function workInWords(changes: Change[]): string {
  const notches = (kinds: Kind[]) =>
    changes.filter((change) => kinds.includes(change.kind)).reduce((sum, change) => sum + change.notches, 0);
  const carried = notches(['SAME', 'MOVED', 'REWORDED']);
  const left = notches(['DROPPED']);
  const kept = left ? ` ${plural(left, 'notch', 'notches')} on dropped lines stay but stop counting.` : '';
  return `${plural(carried, 'notch', 'notches')} ${carried === 1 ? 'goes' : 'go'} along.${kept}`;
}
