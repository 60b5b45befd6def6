import { expect, test } from 'vitest';
import { mergePages, type Written } from './mergePages';

const piece = (entry: string, why = '') => ({ entry, shows: '', why });
const page = (words: string, pieces = [piece('a', 'old')], heading = 'Proud'): Written => ({
  answers: [{ words, given: '', pieces: [], made: [] }],
  heading,
  leftOut: false,
  pieces,
});
const why = (written: Written) => written.pieces.map((one) => `${one.entry} ${one.why}`.trim());

test.each([
  ['both changed nothing', [piece('a', 'old')], [piece('a', 'old')], ['a old']],
  ['here a reason was changed', [piece('a', 'new')], [piece('a', 'old')], ['a new']],
  ['there a reason was changed', [piece('a', 'old')], [piece('a', 'theirs')], ['a theirs']],
  ['both changed it', [piece('a', 'mine')], [piece('a', 'theirs')], ['a mine']],
  ['each added one', [piece('a', 'old'), piece('b')], [piece('a', 'old'), piece('c')], ['a old', 'c', 'b']],
  ['here it was taken out', [], [piece('a', 'old')], []],
  ['there it was taken out', [piece('a', 'old')], [], []],
])('keeps the pieces of both where %s', (_, mine, theirs, merged) => {
  expect(why(mergePages(page('x'), page('x', mine), page('x', theirs)))).toEqual(merged);
});

test('keeps the words of both, and the heading that was changed', () => {
  const merged = mergePages(page(''), page('Mine.', undefined, 'Very proud'), page('Theirs.'));
  expect(merged.answers[0]?.words).toContain('Mine.');
  expect(merged.answers[0]?.words).toContain('Theirs.');
  expect(merged.heading).toBe('Very proud');
});
