import { expect, test } from 'vitest';
import { mergeSheets, NO_ANSWER, type Resolve, type Sheet } from './mergeSheets';

const sheet = (words: string, pieces: string[] = [], ratings: Record<string, number> = {}): Sheet => ({
  answers: [{ ...NO_ANSWER, words, pieces }],
  ratings,
  resolve: { about: '', next: '' },
  letGo: '',
});

test.each([
  ['only I wrote', 'Echo.', 'Echo. Wall.', 'Echo.', 'Echo. Wall.'],
  ['only they wrote', 'Echo.', 'Echo.', 'Echo. Wall.', 'Echo. Wall.'],
  ['both wrote the same', 'Echo.', 'Wall.', 'Wall.', 'Wall.'],
  ['both wrote', 'Echo.', 'Echo. Mine.', 'Echo. Theirs.', 'Echo. Theirs.\n\nEcho. Mine.'],
  ['they went on from what I wrote', '', 'Echo.', 'Echo. Wall.', 'Echo. Wall.'],
  ['I went on from what they wrote', '', 'Echo. Wall.', 'Echo.', 'Echo. Wall.'],
  ['I cleared it and they wrote on', 'Echo.', '', 'Echo. Wall.', 'Echo. Wall.'],
])('keeps every word when %s', (_, base, mine, theirs, merged) => {
  expect(mergeSheets(sheet(base), sheet(mine), sheet(theirs)).answers[0]?.words).toBe(merged);
});

test('draws in what both drew and leaves out what either took out', () => {
  const merged = mergeSheets(
    sheet('', ['a', 'b']),
    sheet('', ['a', 'mine']),
    sheet('', ['a', 'b', 'theirs']),
  );
  expect(merged.answers[0]?.pieces).toEqual(['a', 'theirs', 'mine']);
});

test('lets a rating that was changed here win, and only that', () => {
  const merged = mergeSheets(
    sheet('', [], { echo: 1, light: 1 }),
    sheet('', [], { echo: 3, light: 1 }),
    sheet('', [], { echo: 2, light: 4 }),
  );
  expect(merged.ratings).toEqual({ echo: 3, light: 4 });
});

const resolved = (resolve: Partial<Resolve>): Sheet => ({
  ...sheet(''),
  resolve: { about: '', next: '', ...resolve },
});

test.each([
  [
    'what they said where I said nothing',
    {},
    {},
    { outcome: 'DONE', next: 'Draw' },
    { outcome: 'DONE', next: 'Draw' },
  ],
  [
    'my outcome where both said one',
    { outcome: 'NOT' },
    { outcome: 'PARTLY' },
    { outcome: 'DONE' },
    { outcome: 'PARTLY' },
  ],
  ['both intentions', {}, { next: 'Draw' }, { next: 'Ask' }, { next: 'Ask\n\nDraw' }],
  [
    'what I said of it and what they mean next',
    {},
    { about: 'Half.' },
    { next: 'Ask' },
    { about: 'Half.', next: 'Ask' },
  ],
] as const)('keeps %s', (_, base, mine, theirs, merged) => {
  expect(mergeSheets(resolved(base), resolved(mine), resolved(theirs)).resolve).toEqual(
    resolved(merged).resolve,
  );
});

test.each([
  ['', 'Ill.', '', 'Ill.'],
  ['Ill.', '', 'Ill.', ''],
  ['', '', 'Ill.', 'Ill.'],
  ['', 'At a race.', 'Ill.', 'At a race.'],
])('lets a week go as it was last said here, else there (%#)', (base, mine, theirs, merged) => {
  const letting = (letGo: string): Sheet => ({ ...sheet(''), letGo });
  expect(mergeSheets(letting(base), letting(mine), letting(theirs)).letGo).toBe(merged);
});
