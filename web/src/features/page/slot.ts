import type { Api } from '../../api';
import { evidenceOf, plural } from '../../ui';
import type { Shown } from '../entry';

export type Slot = Api['SlotView'];

/** A hole, a shallow cut for a point that other pages have, or a deep one for this page's. */
export type Cut = { is: 'hole' } | { is: 'elsewhere' | 'here'; kinds: number };

/** How a point is cut out of the edge: by what this page and the notebook hold for it. */
export function cutOf(slot: Slot, entries: Shown[]): Cut {
  const here = entries.filter((entry) => entry.notches.includes(slot.id));
  // What an earlier version kept on the device has no kinds.
  const held: Slot['kinds'] = slot.kinds ?? [];
  // What was notched a moment ago, the server has not counted yet.
  const kinds = new Set([...held, ...here.map((entry) => evidenceOf(entry.kind))]).size;
  if (here.length > 0) return { is: 'here', kinds };
  return held.length > 0 ? { is: 'elsewhere', kinds } : { is: 'hole' };
}

export function wordsOf(cut: Cut): string {
  if (cut.is === 'hole') return 'bare';
  const held = `${plural(cut.kinds, 'kind')} of evidence in the notebook`;
  return cut.is === 'here' ? `notched, ${held}` : `on other pages, ${held}`;
}

/** A cut is this deep for one kind of evidence, and deeper for each further one; in units of the drawing. */
const SHALLOWEST = 16;
const FOR_EACH_KIND = 5;
const MOST_KINDS = 5;

export const depthOf = (kinds: number) => SHALLOWEST + FOR_EACH_KIND * (Math.min(kinds, MOST_KINDS) - 1);

/** The outline of a cut that hangs from the top of the edge, around 23. */
export function outlineOf(cut: Cut): string {
  if (cut.is === 'hole') return '';
  if (cut.is === 'elsewhere')
    return 'M13 0 H33 C29.5 0 29 2.5 28 5 Q26.5 9 23 9 Q19.5 9 18 5 C17 2.5 16.5 0 13 0 Z';
  const depth = depthOf(cut.kinds);
  return `M9 0 H37 C33 0 32.5 3 31.5 8 L29 ${depth - 4} Q27.5 ${depth} 23 ${depth} Q18.5 ${depth} 17 ${depth - 4} L14.5 8 C13.5 3 13 0 9 0 Z`;
}
