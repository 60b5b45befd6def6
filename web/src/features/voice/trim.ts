import { canTrim, holds } from '../../core/voice';
import type { Trim } from './take';

/** A sound of this length in ms, trimmed anew at one end; nothing where hardly anything would be left. */
export function trimmedAt(
  trim: Trim | undefined,
  whole: number,
  end: 'from' | 'to',
  moment: number,
): Trim | undefined {
  const next = { from: 0, to: Math.round(whole), ...trim, [end]: Math.round(moment) };
  return canTrim(next.from, next.to) ? next : undefined;
}

/** Whether a moment is still heard. */
export const isHeard = (trim: Trim | undefined, moment: number) => !trim || holds(trim.from, trim.to, moment);
