import { expect, test } from 'vitest';
import type { Api } from '../../api';
import type { Change } from '../../device';
import { documentText } from '../text';
import { shownEntries } from './shown';

const entry = (id: string, caption: string) =>
  ({ id, caption, kind: 'TYPED', content: {}, width: 'FULL', notches: ['p'] }) as unknown as Api['EntryView'];
const change = (id: string, caption: string, pageId = 'page') =>
  ({ id, pageId, caption, kind: 'TYPED', content: {}, width: 'HALF' }) as unknown as Change;

test('lays what waits over what the server has, and puts new entries last', () => {
  const page = { id: 'page', entries: [entry('a', 'old'), entry('b', 'kept')] } as unknown as Api['PageView'];
  const waiting = new Map(
    [change('a', 'newer'), change('c', 'new'), change('d', 'elsewhere', 'other')].map((one) => [one.id, one]),
  );
  expect(
    shownEntries(page, waiting).map((one) => [one.id, one.caption, one.isWaiting, one.notches.length]),
  ).toEqual([
    ['a', 'newer', true, 1],
    ['b', 'kept', false, 1],
    ['c', 'new', true, 0],
  ]);
});

test('takes the words out of a document, a line for each block', () => {
  const text = (words: string) => ({ type: 'text', text: words });
  const item = { type: 'listItem', content: [{ type: 'paragraph', content: [text('wall')] }] };
  const content = [
    { type: 'heading', content: [text('Echo')] },
    { type: 'bulletList', content: [item] },
  ];
  expect(documentText({ type: 'doc', content })).toBe('Echo\nwall\n');
});
