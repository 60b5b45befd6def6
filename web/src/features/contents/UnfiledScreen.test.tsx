import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { visit } from '../../test/visit';

const point = (code: string, words: string[] = ['echo']): Api['SuggestionView'] => ({
  point: `p-${code}`,
  code,
  title: `Statement of ${code}`,
  words,
});
const unfiled = (id: string, suggestions: Api['SuggestionView'][]): Api['UnfiledEntryView'] => ({
  id,
  pageId: 'page1',
  kind: 'TYPED',
  name: `Entry ${id}`,
  excerpt: '',
  day: '2026-11-24',
  suggestions,
});

const LINES = [
  unfiled('a', [point('2.3b', ['echo', 'Distance']), point('2.3a')]),
  unfiled('b', [point('1.2c')]),
  unfiled('c', []),
];
const open = () =>
  visit('/n/n1/unfiled', {
    'GET /api/notebooks/*/unfiled': LINES,
    'PUT /api/entries/*/notches/*': {},
    'DELETE /api/entries/*/notches/*': {},
    'PUT /api/entries/*/not-this/*': {},
    'PUT /api/entries/*/beside-syllabus': {},
  });
const lines = async () =>
  within(await screen.findByRole('list', { name: 'Unfiled work' }))
    .getAllByRole('listitem')
    .map((line) => line.textContent?.match(/Entry \w/)?.[0]);
const key = (name: string) => fireEvent.keyDown(document.body, { key: name });
const sent = async (server: Awaited<ReturnType<typeof open>>['server'], what: string) =>
  waitFor(() => expect(server.sent(what)).toHaveLength(1));

test('offers points with the words that say so, for the first entry at once', async () => {
  await open();
  expect(await lines()).toEqual(['Entry a', 'Entry b', 'Entry c']);
  expect(screen.getByText('3 entries that no point has. What stands here covers nothing yet.')).toBeTruthy();
  expect(screen.getByRole('button', { name: /2.3b *Statement of 2.3b by “echo, Distance”/ })).toBeTruthy();
});

test('files a screenful by keys alone', async () => {
  const { server } = await open();
  await lines();
  key('a');
  await sent(server, 'PUT /api/entries/a/notches/p-2.3b');
  key('ArrowDown');
  key('x');
  await sent(server, 'PUT /api/entries/c/beside-syllabus');
  key('1');
  await sent(server, 'PUT /api/entries/b/notches/p-1.2c');
  expect(await screen.findByText('Everything in this notebook is filed.')).toBeTruthy();
});

test('takes a notch back', async () => {
  const { server, user } = await open();
  await lines();
  key('2');
  await sent(server, 'PUT /api/entries/a/notches/p-2.3a');
  await user.click(await screen.findByRole('button', { name: /Undo/ }));
  await sent(server, 'DELETE /api/entries/a/notches/p-2.3a');
  expect(await lines()).toEqual(['Entry a', 'Entry b', 'Entry c']);
});

test('says not this and offers the next', async () => {
  const { server } = await open();
  await lines();
  key('d');
  await sent(server, 'PUT /api/entries/a/not-this/p-2.3b');
  expect(screen.queryByRole('button', { name: /2.3b/ })).toBeNull();
  expect(screen.getByRole('button', { name: /2.3a/ })).toBeTruthy();
});

test('says what to do where nothing fits', async () => {
  await open();
  await lines();
  key('ArrowUp');
  key('ArrowDown');
  key('ArrowDown');
  expect(screen.getByText(/fit no point well/)).toBeTruthy();
});
