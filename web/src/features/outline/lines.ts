import type { Api } from '../../api';

/** A line on the screen: as it was read or mended, under a key of its own. */
export type Line = Api['OutlineLineView'] & { key: string };

let keys = 0;
const newKey = () => `line ${++keys}`;

export const keyed = (lines: Api['OutlineLineView'][]): Line[] =>
  lines.map((line) => ({ ...line, key: newKey() }));

/** From the first to the last of the lines that are chosen, by their places. */
export type Range = { from: number; to: number };

/** One level deeper, with all that stands under them; no deeper than one below the line above. */
export function movedIn(lines: Line[], { from, to }: Range): Line[] {
  const above = lines[from - 1];
  return above && depthAt(lines, from) <= above.depth ? shifted(lines, { from, to }, 1) : lines;
}

/** One level out, with all that stands under them. */
export function movedOut(lines: Line[], { from, to }: Range): Line[] {
  const isTop = lines.slice(from, to + 1).some((line) => line.depth === 0);
  return isTop ? lines : shifted(lines, { from, to }, -1);
}

function shifted(lines: Line[], { from, to }: Range, by: number): Line[] {
  const end = endOf(lines, to);
  return settled(
    lines.map((line, at) => (at >= from && at < end ? { ...line, depth: line.depth + by } : line)),
  );
}

const depthAt = (lines: Line[], at: number) => lines[at]?.depth ?? 0;

/** Where what stands under a line ends. */
function endOf(lines: Line[], at: number): number {
  const next = lines.findIndex((line, i) => i > at && line.depth <= depthAt(lines, at));
  return next < 0 ? lines.length : next;
}

/** No line is more than one deeper than the one above it. */
function settled(lines: Line[]): Line[] {
  let above = -1;
  return lines.map((line) => {
    above = Math.min(line.depth, above + 1);
    return above === line.depth ? line : { ...line, depth: above };
  });
}

/** The chosen lines as one with the line above; a word that was parted at its end is one again. */
export function joined(lines: Line[], { from, to }: Range): Line[] {
  const first = from === to ? from - 1 : from;
  const [into, ...others] = first < 0 ? [] : lines.slice(first, to + 1);
  if (!into) return lines;
  const text = others.reduce(
    (before, { number, text }) => glued(before, withNumber(number, text)),
    into.text,
  );
  const one = { ...into, text, question: undefined };
  return settled([...lines.slice(0, first), one, ...lines.slice(to + 1)]);
}

/** A number that was taken for that of a line belongs to the words again. */
const withNumber = (number: string, text: string) => [number, text].filter(Boolean).join(' ');

const glued = (before: string, after: string) =>
  /\p{L}-$/u.test(before) && /^\p{Ll}/u.test(after)
    ? before.slice(0, -1) + after
    : `${before} ${after}`.trim();

/** One line as two, parted before the letter at `letter`; the second has no number. */
export function parted(lines: Line[], at: number, letter: number): Line[] {
  const line = lines[at];
  const before = line?.text.slice(0, letter).trim();
  const after = line?.text.slice(letter).trim();
  if (!line || !before || !after) return lines;
  const first = { ...line, text: before, question: undefined };
  const second = { ...first, key: newKey(), number: '', text: after, weight: '', years: '', note: '' };
  return [...lines.slice(0, at), first, second, ...lines.slice(at + 1)];
}

/** Without the chosen lines; what stood under them moves out by as many levels. */
export function without(lines: Line[], { from, to }: Range): Line[] {
  const isGone = (at: number) => at >= from && at <= to;
  return settled(
    lines.flatMap((line, at) => {
      const goneAbove = ancestors(lines, at).filter(isGone).length;
      return isGone(at) ? [] : [{ ...line, depth: line.depth - goneAbove }];
    }),
  );
}

/** The places of the lines that a line stands under, the nearest first. */
function ancestors(lines: Line[], at: number): number[] {
  const places: number[] = [];
  let depth = depthAt(lines, at);
  for (let above = at - 1; above >= 0 && depth > 0; above--) {
    if (depthAt(lines, above) >= depth) continue;
    depth = depthAt(lines, above);
    places.push(above);
  }
  return places;
}

export const changed = (lines: Line[], at: number, change: Partial<Line>): Line[] =>
  lines.map((line, i) => (i === at ? { ...line, ...change } : line));

/** Lines that are right as they are. */
export const approved = (lines: Line[], { from, to }: Range): Line[] =>
  lines.map((line, at) => (at >= from && at <= to ? { ...line, question: undefined } : line));

/** The next line after a place that something is asked about, beginning anew at the end. */
export function nextAsked(lines: Line[], at: number): number | undefined {
  const asked = lines.flatMap((line, i) => (line.question ? [i] : []));
  return asked.find((i) => i > at) ?? asked[0];
}

/** What is sent of a line. */
export const bodyOf = ({ depth, number, text, weight, tier, years, note }: Line): Api['LineBody'] => ({
  depth,
  number,
  text,
  weight,
  tier,
  years,
  note,
});
