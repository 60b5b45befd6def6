import { expect, test } from 'vitest';
import { linesOf, placed, sentencesOf } from './placed';

const text = (words: string) => ({ type: 'text', text: words });
const paragraph = (...content: object[]) => ({ type: 'paragraph', content });
const document = {
  type: 'doc',
  content: [
    { type: 'heading', content: [text('Echo')] },
    paragraph(
      text('Speed is '),
      { type: 'inlineMath', attrs: { latex: 'd/t' } },
      { type: 'hardBreak' },
      text('here.'),
    ),
    { type: 'bulletList', content: [{ type: 'listItem', content: [paragraph(text('wall'))] }] },
    paragraph(),
  ],
};

test('counts the places of a text as the core does: lines joined by line breaks', () => {
  expect(linesOf(document)).toBe('Echo\nSpeed is d/t\nhere.\nwall\n');
});

test('knows the place of every text, past formulas, breaks, lists and empty lines', () => {
  const { content } = placed({ ...document, content: [paragraph(), ...document.content] }) as typeof document;
  const places = [...JSON.stringify(content).matchAll(/"at":(\d+)/g)].map((found) => Number(found[1]));
  expect(places).toEqual([1, 6, 19, 25]);
});

test('lays looks over the pieces that they cover, and numbers the last of them', () => {
  const shown = placed(paragraph(text('one clap here')), [
    { from: 4, to: 8, look: 'remark', number: 2 },
    { from: 0, to: 6, look: 'chosen' },
  ]) as { content: { text: string; marks: { type: string; attrs: { number?: number; at?: number } }[] }[] };
  expect(
    shown.content.map((piece) => [
      piece.text,
      ...piece.marks.map(({ type, attrs }) => `${type} ${attrs.at ?? attrs.number ?? ''}`.trim()),
    ]),
  ).toEqual([
    ['one ', 'chosen', 'place 0'],
    ['cl', 'remark', 'chosen', 'place 4'],
    ['ap', 'remark 2', 'place 6'],
    [' here', 'place 8'],
  ]);
});

test('finds sentences to go through by keys', () => {
  const words = 'An echo comes back. It is late!\nWhy?';
  expect(sentencesOf(words).map(({ from, to }) => words.slice(from, to))).toEqual([
    'An echo comes back.',
    'It is late!',
    'Why?',
  ]);
});
