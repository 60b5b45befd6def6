import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { FREE, NOTEBOOK, refuse, section, visit } from '../../test/visit';

const CUES: Api['Pattern'] = {
  name: 'Cue notes',
  zones: [
    { key: 'cues', role: 'CUES', title: 'Cues', prompt: 'Ask.', kinds: [] },
    { key: 'main', role: 'MAIN', title: 'Notes', prompt: '', kinds: [] },
    {
      key: 'summary',
      role: 'SUMMARY',
      title: 'Summary',
      prompt: 'In short.',
      words: { least: 5, most: 9 },
      kinds: [],
    },
  ],
};
const text = (words: string) => ({
  type: 'doc',
  content: [{ type: 'paragraph', content: [{ type: 'text', text: words }] }],
});
const page = (more: Partial<Api['PageView']> = {}): Api['PageView'] => ({
  id: 'p1',
  title: 'Echo',
  notebookId: 'n1',
  sectionId: 's1',
  section: 'Echoes',
  day: '2026-11-24',
  pattern: FREE,
  paper: { lines: 'PLAIN', spacingMm: 8, tint: 'WHITE' },
  edge: [],
  entries: [],
  ...more,
});
const entry = (id: string, zone: string, words: string): Api['EntryView'] => ({
  id,
  pageId: 'p1',
  zone,
  kind: 'TYPED',
  content: text(words),
  caption: '',
  width: 'FULL',
  version: 1,
  isEmpty: false,
  notches: [],
  pictures: [],
  madeAt: '2026-11-24T09:00:00Z',
});

const open = (one: Api['PageView'] = page(), more: Record<string, unknown> = {}) =>
  visit('/n/n1/p/p1', {
    'GET /api/notebooks/n1': { notebook: NOTEBOOK, sections: [section('s1')], pages: [] },
    'GET /api/notebooks/n1/syllabus': [],
    'GET /api/own-marks': [],
    'GET /api/pages/p1/remarks': [],
    'GET /api/pages/p1/marks': [],
    'GET /api/patterns': { standard: [FREE, CUES], own: [] },
    'GET /api/pages/p1': one,
    'PUT /api/pages/p1/pattern': (pattern: Api['Pattern']) => ({ ...one, pattern }),
    'PUT /api/pages/p1/paper': (paper: Api['Paper']) => ({ ...one, paper }),
    'PUT /api/patterns/*': {},
    'PUT /api/entries/*': (body: object) => ({ ...entry('kept', 'main', ''), ...body, version: 2 }),
    ...more,
  });

test('puts a page on another pattern and keeps what is on it', async () => {
  const { user, server } = await open(page({ entries: [entry('e1', 'cues', 'Why?')] }));
  await user.click(screen.getByRole('button', { name: /^Free/ }));
  await user.click(await screen.findByRole('button', { name: 'Cue notes' }));
  await waitFor(() => expect(server.sent('PUT /api/pages/p1/pattern')).toEqual([CUES]));
  expect(
    within(await screen.findByRole('region', { name: 'Cues', hidden: true })).getByText('Why?'),
  ).toBeTruthy();
});

test('says in its zones what is asked and how far it is', async () => {
  await open(page({ pattern: CUES, entries: [entry('e1', 'summary', 'Time many.')] }));
  expect(screen.getByText('2, at least 3 more')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Ask.' })).toBeTruthy();
});

test('writes into the zone that was pressed, and goes to the next by a key', async () => {
  const { user, server } = await open(page({ pattern: CUES }));
  await user.keyboard('z');
  expect(screen.getByRole('button', { name: /^into Summary/ })).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Ask.' }));
  await waitFor(() => expect(server.sent('PUT /api/entries/*').at(-1)).toMatchObject({ zone: 'cues' }), {
    timeout: 3_000,
  });
});

test('makes a pattern of one’s own out of a page’s zones', async () => {
  const { user, server } = await open(page({ pattern: CUES }));
  await user.click(screen.getByRole('button', { name: /^Cue notes/ }));
  await user.click(await screen.findByRole('button', { name: /^Change its zones/ }));
  const name = screen.getByLabelText('Name of the pattern');
  await user.clear(name);
  await user.type(name, 'Lab book');
  await user.click(screen.getByRole('button', { name: 'Take out Cues' }));
  await user.selectOptions(screen.getByLabelText('Place of Notes'), 'as a box');
  await user.click(screen.getByLabelText('Notes asks for photo'));
  await user.click(screen.getByRole('button', { name: 'Keep as my pattern' }));
  await waitFor(() => expect(server.sent('PUT /api/patterns/*')).toHaveLength(1));
  expect(server.sent('PUT /api/patterns/*')[0]).toMatchObject({
    name: 'Lab book',
    zones: [{ key: 'main', role: 'BOX', kinds: ['PHOTO'] }, { key: 'summary' }],
  });
});

test('says in the server’s words what a pattern can’t be', async () => {
  const { user } = await open(page({ pattern: CUES }), {
    'PUT /api/pages/p1/pattern': refuse(422, 'A pattern needs a zone in the middle or a box.'),
  });
  await user.click(screen.getByRole('button', { name: /^Cue notes/ }));
  await user.click(await screen.findByRole('button', { name: 'Free' }));
  expect(await screen.findByText('A pattern needs a zone in the middle or a box.')).toBeTruthy();
});

test('asks how far apart the lines of ruled paper stand', async () => {
  const { user, server } = await open();
  await user.click(screen.getByRole('button', { name: /^Free/ }));
  await user.click(await screen.findByLabelText('Squared'));
  await user.selectOptions(await screen.findByLabelText('Apart'), '5 mm');
  await waitFor(() =>
    expect(server.sent('PUT /api/pages/p1/paper').at(-1)).toEqual({
      lines: 'SQUARED',
      spacingMm: 5,
      tint: 'WHITE',
    }),
  );
});
