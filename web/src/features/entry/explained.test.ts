import { expect, test } from 'vitest';
import { explains, withExplanations } from './explained';

const entry = (id: string, kind = 'TYPED', content: unknown = {}) => ({ id, kind, content, caption: '' });
const about = (id: string, subject: string, thing?: string) =>
  entry(id, 'RECORDING', { about: { entry: subject, thing } });

test('puts an explanation behind what it explains, and those of the page first', () => {
  const entries = [
    entry('a'),
    entry('b'),
    entry('sound', 'RECORDING'),
    about('ofA', 'a'),
    about('ofPage', 'page'),
    about('lost', 'gone'),
    about('ofA2', 'a'),
  ];
  expect(withExplanations(entries, 'page').map((one) => one.id)).toEqual([
    'ofPage',
    'a',
    'ofA',
    'ofA2',
    'b',
    'sound',
    'lost',
  ]);
});

test('loses nothing when explanations explain each other', () => {
  const round = [about('a', 'b'), about('b', 'a'), about('c', 'c')];
  expect(
    withExplanations(round, 'page')
      .map((one) => one.id)
      .sort(),
  ).toEqual(['a', 'b', 'c']);
});

test('says what is explained', () => {
  const spot = { kind: 'spot', id: 's', locked: false, number: 2, x: 0, y: 0, words: 'Crest' };
  const photo = {
    ...entry('photo', 'PHOTO', { pages: [{ picture: 'p', layer: { width: 8, height: 8, things: [spot] } }] }),
    caption: 'Ripple tank',
  };
  const words = (one: ReturnType<typeof about>) => explains(one, [photo], 'page');
  expect([
    words(about('r', 'photo')),
    words(about('r', 'photo', 's')),
    words(about('r', 'photo', 'gone')),
    words(about('r', 'page')),
    words(about('r', 'gone')),
    words(entry('r', 'RECORDING')),
  ]).toEqual([
    '“Ripple tank”',
    'Spot 2: Crest',
    '“Ripple tank”',
    'this page',
    'something that is no longer on this page',
    undefined,
  ]);
});
