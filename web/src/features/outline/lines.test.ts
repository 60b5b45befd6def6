import { describe, expect, test } from 'vitest';
import { approved, joined, keyed, type Line, movedIn, movedOut, nextAsked, parted, without } from './lines';

/** Lines as they are drawn: two spaces for each level. */
const drawn = (lines: Line[]) => lines.map((line) => `${'  '.repeat(line.depth)}${line.text}`);

const read = (...rows: string[]): Line[] =>
  keyed(
    rows.map((row) => ({
      depth: (row.length - row.trimStart().length) / 2,
      number: '',
      text: row.trim(),
      weight: '',
      tier: 'CORE' as const,
      years: '',
      note: '',
      question: undefined,
    })),
  );

const one = (at: number) => ({ from: at, to: at });
const LIGHT = read('Waves', '  Light', '    mirrors', '    lenses', '  Sound');

describe('what a line takes along', () => {
  test.each([
    ['in: no deeper than one below the line above', movedIn(LIGHT, one(1)), drawn(LIGHT)],
    [
      'in: with all under it',
      movedIn(read('A', '  B', '  C', '    D'), one(2)),
      ['A', '  B', '    C', '      D'],
    ],
    ['in: several at once', movedIn(read('A', 'B', 'C'), { from: 1, to: 2 }), ['A', '  B', '  C']],
    ['in: the first line stays', movedIn(LIGHT, one(0)), drawn(LIGHT)],
    [
      'out: with all under it',
      movedOut(LIGHT, one(1)),
      ['Waves', 'Light', '  mirrors', '  lenses', '  Sound'],
    ],
    ['out: a unit stays', movedOut(LIGHT, one(0)), drawn(LIGHT)],
    [
      'left out: what stood under it moves up',
      without(LIGHT, one(1)),
      ['Waves', '  mirrors', '  lenses', '  Sound'],
    ],
    ['left out: the first one', without(LIGHT, one(0)), ['Light', '  mirrors', '  lenses', 'Sound']],
  ])('%s', (_, lines, wanted) => expect(drawn(lines)).toEqual(wanted));
});

describe('joining and parting', () => {
  test('joins a line to the one above it', () =>
    expect(drawn(joined(LIGHT, one(3)))).toEqual(['Waves', '  Light', '    mirrors lenses', '  Sound']));

  test('joins the chosen lines with each other', () =>
    expect(drawn(joined(read('A', '  b', '  c', '  d'), { from: 1, to: 3 }))).toEqual(['A', '  b c d']));

  test('makes a word that was parted one again', () =>
    expect(drawn(joined(read('wave-', 'length'), one(1)))).toEqual(['wavelength']));

  test('gives a number that was none back to the words', () => {
    const [first, second] = read('a speed of', 'm/s') as [Line, Line];
    expect(drawn(joined([first, { ...second, number: '2' }], one(1)))).toEqual(['a speed of 2 m/s']);
  });

  test('has nothing to join the first line to', () => expect(joined(LIGHT, one(0))).toBe(LIGHT));

  test('parts a line in two where the cursor is', () =>
    expect(drawn(parted(LIGHT, 2, 3))).toEqual([
      'Waves',
      '  Light',
      '    mir',
      '    rors',
      '    lenses',
      '  Sound',
    ]));

  test.each([0, 7])('parts nothing at an end', (letter) => expect(parted(LIGHT, 2, letter)).toBe(LIGHT));
});

test('goes to the next line that is asked about, and from the last to the first', () => {
  const lines = LIGHT.map((line, at) => ({ ...line, question: [1, 3].includes(at) ? 'Is it?' : undefined }));
  expect([0, 1, 3].map((at) => nextAsked(lines, at))).toEqual([1, 3, 1]);
  expect(nextAsked(approved(lines, { from: 0, to: 4 }), 0)).toBeUndefined();
});
