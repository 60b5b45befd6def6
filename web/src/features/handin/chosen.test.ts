import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { anchorOf, beside, nextSentence, samePiece } from './chosen';

type Entry = Api['SealedEntryView'];

const typed = (id: string, ...sentences: string[]) =>
  ({
    id,
    kind: 'TYPED',
    codes: [],
    content: {
      type: 'doc',
      content: sentences.map((text) => ({ type: 'paragraph', content: [{ type: 'text', text }] })),
    },
  }) as unknown as Entry;
const sound = { id: 's', kind: 'RECORDING', codes: ['2.3a'] } as unknown as Entry;
const all = [typed('t', 'One clap.', 'Too much.'), sound];

test.each([
  ['nothing chosen', {}, undefined, { about: 'WHOLE' }],
  ['what is no longer there', { entry: 'x' }, undefined, { about: 'WHOLE' }],
  ['an entry', { entry: 't' }, undefined, { about: 'ENTRY', entry: 't' }],
  [
    'words',
    { entry: 't', span: { from: 4, to: 8 } },
    undefined,
    { about: 'WORDS', entry: 't', from: 4, to: 8, quote: 'clap' },
  ],
  [
    'a spot',
    { entry: 't', spot: { picture: 1, x: 0.5, y: 0.25 } },
    undefined,
    { about: 'SPOT', entry: 't', picture: 1, x: 0.5, y: 0.25 },
  ],
  ['a sound that plays', { entry: 's' }, 72.4, { about: 'MOMENT', entry: 's', atMillis: 72_400 }],
  ['a sound at its start', { entry: 's' }, 0, { about: 'ENTRY', entry: 's' }],
  ['another sound plays', { entry: 't' }, 9, { about: 'ENTRY', entry: 't' }],
])('a remark is about %s', (_, chosen, at, expected) => {
  const heard = at === undefined ? { at: 0 } : { playing: { id: 's' }, at };
  expect(anchorOf(chosen, all, heard)).toEqual(expected);
});

test('goes through the sentences of a text by keys, and out of it at its end', () => {
  const [text] = all;
  expect(nextSentence(text, undefined)).toEqual({ from: 0, to: 9 });
  expect(nextSentence(text, { from: 0, to: 9 })).toEqual({ from: 10, to: 19 });
  expect(nextSentence(text, { from: 10, to: 19 })).toBeUndefined();
  expect(nextSentence(sound, undefined)).toBeUndefined();
});

test('stays at the ends of a list', () => {
  expect([beside([1, 2, 3], 3, 1), beside([1, 2, 3], 2, -1), beside([1, 2, 3], undefined, 1)]).toEqual([
    3, 1, 1,
  ]);
});

test('finds the same piece in another version by its points, else by its place', () => {
  expect([samePiece(all, '2.3a', 0), samePiece(all, '', 0), samePiece(all, '9.9', 7)]).toEqual([
    's',
    't',
    's',
  ]);
});
