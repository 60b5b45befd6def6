/** The core's rules of time in recordings, compiled to JavaScript (see `browser/`). All times are in ms. */

/** The moment of what was made at a time; -1 where it was not made meanwhile. Stretches go as start and length, flat. */
export function momentOf(stretches: number[], madeAt: number): number;

/** Which of the notes with these moments light up while a moment plays. */
export function litAt(moments: number[], at: number): Int32Array;

/** Where playing begins for a note. */
export function playFrom(moment: number): number;

/** The moment nearest to one that is heard of a sound that was trimmed. */
export function nearest(from: number, to: number, moment: number): number;

/**
 * The times of all spoken lines, flat, when one more is tapped in at a moment: those of `lines` (from and to, flat, in order)
 * and the new one behind the last that begins no later.
 */
export function tapped(lines: number[], moment: number, length: number): Float64Array;

/** A drawing to be played back: when each thing was made (in ms since 1970, NaN where nobody knows), how long it took. */
export function talkThrough(stretches: number[], madeAt: number[], lasting: number[]): TalkThrough;

export interface TalkThrough {
  /** Whether anything was drawn while it was recorded. */
  isDrawn(): boolean;
  /** How many ms of the making of each thing are there at a moment: -1 where it is not begun, 2147483647 where it is whole. */
  shownAt(moment: number): Int32Array;
  /** The next step after a moment; -1 behind the last. */
  stepAfter(moment: number): number;
  stepBefore(moment: number): number;
}

/** The places in the list of the spoken lines (from and to, flat) that are said at a moment. */
export function saidAt(lines: number[], moment: number): Int32Array;

/** Whether a moment is still heard of a sound that was trimmed. */
export function holds(from: number, to: number, moment: number): boolean;

/** Whether enough is left between two moments. */
export function canTrim(from: number, to: number): boolean;
