import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { entry, openPage, text } from '../../test/openPage';

const node = (id: string, code: string, title: string): Api['NodeView'] => ({
  id,
  code,
  title,
  kind: 'POINT',
  tier: 'CORE',
  firstYear: 2000,
  lastYear: 2100,
  years: '',
  note: '',
  origin: 'EDITION',
});
const INK = { width: 100, height: 50, strokes: [] };

const open = (entries: Api['EntryView'][], more: Record<string, unknown> = {}) =>
  openPage(entries, {
    'GET /api/notebooks/n1/syllabus': [
      node('a', '2.3a', 'Echo as reflection'),
      node('b', '2.3b', 'Distance from time'),
    ],
    ...more,
  });
const aside = () => screen.getByRole('complementary', { name: 'About this page' });

test('says how to begin on an empty page', async () => {
  await open([]);
  expect(screen.getByText(/An empty page. Press W to write/)).toBeTruthy();
  expect(aside().textContent).toContain('No point yet. Choose an entry and press N.');
});

test('counts entries and words by word boundaries', async () => {
  await open([entry('one', { content: text("It's 0.28 s, isn't it?") })]);
  expect(document.querySelector('article')?.textContent).toContain('Week 12 · 1 entry · 5 words');
});

test('lists each point once with every kind of its evidence', async () => {
  await open([
    entry('one', { notches: ['a'] }),
    entry('two', { notches: ['a'] }),
    entry('three', { kind: 'INK', content: INK, notches: ['a', 'b'] }),
  ]);
  const lines = await within(aside()).findAllByRole('link', { name: /^2\.3/ });
  expect(lines.map((line) => line.textContent)).toEqual(['2.3aEcho as reflection', '2.3bDistance from time']);
  expect(
    within(lines[0] as HTMLElement)
      .getAllByRole('img')
      .map((shape) => shape.getAttribute('aria-label')),
  ).toEqual(['typed', 'handwritten']);
});

test('says on the edge which slots are cut', async () => {
  await open([entry('one', { notches: ['b'] })]);
  const edge = screen.getByLabelText('Edge of the page: points of the syllabus');
  const names = within(edge)
    .getAllByRole('button')
    .map((slot) => slot.getAttribute('aria-label'));
  expect(names[0]).not.toMatch(/notched/);
  expect(names[1]).toMatch(/^2.3b .*notched/);
});

test('keeps a caption for its entry over the version it was written on', async () => {
  const { user, server } = await open([entry('one', { kind: 'INK', content: INK })]);
  await user.click(screen.getByRole('region', { name: 'handwritten entry' }));
  await user.type(screen.getByLabelText('Caption'), 'Wall');
  await waitFor(() => expect(server.sent('PUT /api/entries/one')).not.toHaveLength(0), { timeout: 4_000 });
  expect(server.sent('PUT /api/entries/one').at(-1)).toMatchObject({
    baseVersion: 1,
    caption: 'Wall',
    kind: 'INK',
    pageId: 'p1',
    zone: 'main',
  });
});

test('takes a notch away by its code beside the entry', async () => {
  const { user, server } = await open([entry('one', { notches: ['a'] })]);
  await user.click(screen.getByRole('region', { name: 'typed entry' }));
  await user.click(await screen.findByRole('button', { name: 'Mend the notch at 2.3a' }));
  await waitFor(() => expect(server.sent('DELETE /api/entries/one/notches/a')).toHaveLength(1));
});

test('brings an earlier version back as a new change', async () => {
  const earlier = { version: 1, content: text('Before.'), caption: 'Old', savedAt: '2026-11-24T10:58:00Z' };
  const { user, server } = await open([entry('one', { version: 3 })], {
    'GET /api/entries/one/earlier': [earlier],
  });
  await user.click(screen.getByRole('region', { name: 'typed entry' }));
  await user.click(await screen.findByRole('button', { name: 'Earlier' }));
  expect(await screen.findByText('Before.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Bring this back' }));
  await waitFor(() => expect(server.sent('PUT /api/entries/one')).not.toHaveLength(0), { timeout: 4_000 });
  expect(server.sent('PUT /api/entries/one').at(-1)).toMatchObject({
    baseVersion: 3,
    caption: 'Old',
    content: text('Before.'),
  });
});

test.each([
  ['FULL', ['Half width', 'Third width']],
  ['HALF', ['Full width', 'Third width']],
  ['THIRD', ['Full width', 'Half width']],
] as const)('offers an entry of %s width the others', async (width, names) => {
  const { user } = await open([entry('one', { kind: 'INK', content: INK, width })]);
  await user.click(screen.getByRole('region', { name: 'handwritten entry' }));
  await user.click(screen.getByRole('button', { name: /^Place/ }));
  const offered = screen.getAllByRole('menuitem', { name: /width$/ }).map((item) => item.textContent);
  expect(offered).toEqual(names);
});

test('shows what the teacher said beside the entry it was said of', async () => {
  const remark: Api['RemarkView'] = {
    id: 'r1',
    number: 1,
    author: 'Ms Tolland',
    at: '2026-11-17T16:05:00Z',
    version: 1,
    anchor: { about: 'ENTRY', entry: 'one' },
    gist: 'Say how many claps.',
    pageId: 'p1',
    words: 'Say how many claps.',
  };
  await open([entry('one')], { 'GET /api/pages/p1/remarks': [remark] });
  await waitFor(() =>
    expect(screen.getByRole('region', { name: 'typed entry' }).textContent).toContain(
      'Ms Tolland, version 1Say how many claps.',
    ),
  );
  expect(aside().textContent).toContain('From Ms Tolland');
});

test('is left by Escape with its entry chosen, and entered again by Enter', async () => {
  const { user } = await openPage([entry('e1')], {}, '?entry=e1');
  const caption = await screen.findByLabelText('Caption');
  await user.click(caption);
  await user.keyboard('{Escape}');
  const frame = caption.closest('section');
  expect(document.activeElement).toBe(frame);
  await user.keyboard('{Enter}');
  expect(frame?.contains(document.activeElement) && document.activeElement !== frame).toBe(true);
});
