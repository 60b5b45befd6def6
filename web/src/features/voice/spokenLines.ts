import * as core from '../../core/voice';
import type { SpokenLine } from './take';

const flat = (lines: readonly SpokenLine[]) => lines.flatMap(({ from, to }) => [from, to]);

/** What is said at a moment in ms. */
export const saidAt = (lines: readonly SpokenLine[], moment: number): SpokenLine[] =>
  [...core.saidAt(flat(lines), moment)].flatMap((place) => lines[place] ?? []);

/** The lines with one more that was tapped in at a moment of a sound of this length, in ms. */
export function tapped(
  lines: readonly SpokenLine[],
  words: string,
  moment: number,
  length: number,
): SpokenLine[] {
  const times = core.tapped(flat(lines), moment, length);
  const place = lines.filter((line) => line.from <= moment).length;
  return lines
    .toSpliced(place, 0, { from: moment, to: moment, words })
    .map((line, i) => ({ ...line, from: times[2 * i] ?? line.from, to: times[2 * i + 1] ?? line.to }));
}

/** The lines of a text that stand each by itself, without empty ones. */
export const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** A line that begins at another moment: it keeps what it lasts, and the lines stay in order of time. */
export const begunAt = (lines: readonly SpokenLine[], line: SpokenLine, from: number): SpokenLine[] =>
  lines
    .map((one) => (one === line ? { ...line, from, to: from + line.to - line.from } : one))
    .toSorted((a, b) => a.from - b.from);
