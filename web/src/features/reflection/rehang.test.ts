import { expect, test } from 'vitest';
import { type Answer, NO_ANSWER } from './mergeSheets';
import { rehang } from './rehang';

const said = (words: string, part: Partial<Answer> = {}): Answer => ({ ...NO_ANSWER, words, ...part });

test.each([
  ['the same questions', ['How?', 'Why?'], ['How?', 'Why?'], ['So.', 'Because.']],
  ['another order', ['How?', 'Why?'], ['Why?', 'How?'], ['Because.', 'So.']],
  ['one more question', ['How?', 'Why?'], ['How?', 'When?', 'Why?'], ['So.', '', 'Because.']],
  ['one that is gone', ['How?', 'Why?'], ['Why?'], ['Because.\n\nHow?\n\nSo.']],
  ['none of the old ones', ['How?', 'Why?'], ['When?'], ['How?\n\nSo.\n\nWhy?\n\nBecause.']],
])('keeps every answer under %s', (_, before, now, words) => {
  const hung = rehang([said('So.'), said('Because.')], before, now);
  expect(hung.map((one) => one.words)).toEqual(words);
});

test('keeps what was drawn in and said under a question that is gone', () => {
  const hung = rehang([said('', { pieces: ['a'], made: ['b'] })], ['How?'], ['Why?']);
  expect(hung).toEqual([{ words: 'How?', given: '', pieces: ['a'], made: ['b'] }]);
});

test('brings nothing along of a question that was not answered', () => {
  expect(rehang([said('  ')], ['How?'], ['Why?'])).toEqual([NO_ANSWER]);
});
