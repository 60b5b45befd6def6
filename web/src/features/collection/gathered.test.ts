import { expect, test } from 'vitest';
import { foundIn } from './gathered';

const link = (url: string) => ({ kind: 'LINK', url });

test.each([
  ['one address', 'https://skerrow.example/wall', [link('https://skerrow.example/wall')]],
  ['an address without its beginning', 'skerrow.example/wall', [link('https://skerrow.example/wall')]],
  [
    'several addresses, one on each line',
    ' https://a.example/1 \n\nhttps://b.example/2\n',
    [link('https://a.example/1'), link('https://b.example/2')],
  ],
  ['words', 'Who pays?\nThe town.', [{ kind: 'NOTE', title: 'Who pays?', note: 'The town.' }]],
  [
    'an address among words',
    'See https://a.example/1',
    [{ kind: 'NOTE', title: 'See https://a.example/1', note: '' }],
  ],
  ['a script', 'javascript:alert(1)', [{ kind: 'NOTE', title: 'javascript:alert(1)', note: '' }]],
  ['nothing', ' \n ', []],
])('takes %s', (_, text, found) => {
  expect(foundIn(text)).toEqual(found);
});

test('keeps all of a long first line in the note', () => {
  const [note] = foundIn('wave '.repeat(60));
  expect(note).toMatchObject({ kind: 'NOTE', note: 'wave '.repeat(60).trim() });
});

test('takes no more addresses than somebody pastes', () => {
  expect(foundIn(Array.from({ length: 300 }, (_, i) => `a.example/${i}`).join('\n'))).toHaveLength(200);
});
