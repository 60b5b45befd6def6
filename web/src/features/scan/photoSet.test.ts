import { expect, test } from 'vitest';
import { contentOf, pagesOf } from './photoSet';

const MEDIA = {
  id: 'm1',
  kind: 'PHOTO',
  type: 'image/jpeg',
  name: 'wall.jpg',
  bytes: 1,
  peaks: [],
  silences: [],
  compact: false,
} as const;

test('takes a photo by itself for a set of one, and writes it without a set again', () => {
  const pages = pagesOf({ content: {}, media: { ...MEDIA, peaks: [], silences: [], compact: false } });
  expect(pages).toMatchObject([{ picture: 'm1', photo: 'm1', finish: 'AS_TAKEN' }]);
  expect(contentOf(pages)).toEqual({});
});

test.each([
  ['a name', { name: 'Set-up' }],
  ['a gist', { gist: 'lamp' }],
  ['a turn', { quarters: 1, picture: 'm2' }],
])('keeps the set around one page with %s', (_, more) => {
  const [page] = pagesOf({ content: {}, media: { ...MEDIA, peaks: [], silences: [], compact: false } });
  const pages = page ? [{ ...page, ...more }] : [];
  expect(contentOf(pages)).toEqual({ pages });
});
