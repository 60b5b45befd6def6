/** The core's rules of time in recordings, compiled to JavaScript (see `browser/`). All times are in ms. */

/** The moment of what was made at a time; -1 where it was not made meanwhile. Stretches go as start and length, flat. */
export function momentOf(stretches: number[], madeAt: number): number;

/** Which of the notes with these moments light up while a moment plays. */
export function litAt(moments: number[], at: number): Int32Array;

/** Where playing begins for a note. */
export function playFrom(moment: number): number;
