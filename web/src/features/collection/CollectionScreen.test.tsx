import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { refuse, visit } from '../../test/visit';

const item = (title: string, more: Partial<Api['ItemView']> = {}): Api['ItemView'] => ({
  id: title,
  title,
  note: '',
  kind: 'NOTE',
  why: '',
  heading: '',
  values: {},
  topics: [],
  keptOn: '2026-11-20',
  ...more,
});
const open = (items: Api['ItemView'][], more: Record<string, unknown> = {}) =>
  visit('/collections/c1', {
    'GET /api/collections/c1': {
      id: 'c1',
      title: 'Sea defences',
      purpose: 'For the write-up',
      home: 'n1',
      details: [],
      items,
    },
    'POST /api/collections/c1/order': {},
    'GET /api/collections/c1/views': { views: [], places: [], ties: [] },
    'GET /api/notebooks/n1/resources': [],
    'GET /api/notebooks/n1/syllabus': [],
    ...more,
  });

test('says how to put the first thing in', async () => {
  await open([]);
  expect(screen.getByText(/press A to add a\s+link, a note, a file/)).toBeTruthy();
  expect(screen.getByDisplayValue('For the write-up')).toBeTruthy();
  expect(screen.getByText('· 0 things · only you see it')).toBeTruthy();
});

test.each([
  [item('Wall', { kind: 'LINK', url: 'https://skerrow.example/wall' }), 'https://skerrow.example/wall'],
  [
    item('Plan', {
      kind: 'FILE',
      media: {
        id: 'm1',
        kind: 'FILE',
        name: 'plan.txt',
        peaks: [],
        silences: [],
        compact: false,
        type: 'text/plain',
        bytes: 90,
      },
    }),
    '/api/media/m1',
  ],
  [item('Echo', { kind: 'ENTRY', entry: { entryId: 'e1', pageId: 'p1', kind: 'TYPED' } }), '/p/p1?entry=e1'],
])('leads to what an item is', async (one, href) => {
  await open([one]);
  expect(screen.getByRole('link', { name: new RegExp(one.title) }).getAttribute('href')).toBe(href);
});

test('gives an outside page neither our window nor our address', async () => {
  await open([item('Wall', { kind: 'LINK', url: 'https://skerrow.example/wall' })]);
  const link = screen.getByRole('link', { name: /Wall/ });
  expect(link.getAttribute('rel')).toBe('noreferrer noopener');
});

test('says that an entry lies in the bin instead of leading nowhere', async () => {
  await open([item('Echo', { kind: 'ENTRY', entry: { entryId: 'e1' } })]);
  expect(screen.getByText('· its entry is in the bin')).toBeTruthy();
  expect(screen.queryByRole('link', { name: /Echo/ })).toBeNull();
});

test('moves a thing by one place and sends the whole order', async () => {
  const { user, server } = await open([item('a'), item('b'), item('c')]);
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Move a up' }).disabled).toBe(true);
  await user.click(screen.getByRole('button', { name: 'Move c up' }));
  await waitFor(() =>
    expect(server.sent('POST /api/collections/c1/order')).toEqual([{ items: ['a', 'c', 'b'] }]),
  );
});

test('keeps the dialog and its words open when a link is refused', async () => {
  const { user } = await open([], {
    'PUT /api/collections/c1/items/*': refuse(422, 'This is no web address.'),
  });
  await user.keyboard('a');
  await user.type(screen.getByLabelText('Address'), 'nowhere');
  await user.click(screen.getByRole('button', { name: 'Add it' }));
  expect(await screen.findByText('This is no web address.')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('Address').value).toBe('nowhere');
});

test('notches a thing to a point of the notebook at hand', async () => {
  const { user, server } = await open([item('Bats')], {
    'GET /api/notebooks/n1/resources': [],
    'GET /api/notebooks/n1/syllabus': [{ id: 'p1', code: '2.3a', title: 'Echo', kind: 'POINT' }],
    'PUT /api/collections/c1/items/*/notches/*': {},
  });
  await user.click(await screen.findByRole('button', { name: 'For a point: Bats' }));
  await user.type(screen.getByLabelText('Code or word of a point'), '2.3a{Enter}');
  await waitFor(() => expect(server.sent('PUT /api/collections/c1/items/*/notches/p1')).toHaveLength(1));
});

test('takes addresses that are pasted, and takes them back', async () => {
  const { user, server } = await open([], {
    'PUT /api/collections/c1/items/*': {},
    'DELETE /api/collections/c1/items/*': {},
  });
  await user.paste('https://skerrow.example/wall\nhttps://oddly.example/armour');
  await user.click(await screen.findByRole('button', { name: /Undo/ }));
  expect(server.sent('PUT /api/collections/c1/items/*')).toMatchObject([
    { kind: 'LINK', url: 'https://skerrow.example/wall' },
    { kind: 'LINK', url: 'https://oddly.example/armour' },
  ]);
  await waitFor(() => expect(server.sent('DELETE /api/collections/c1/items/*')).toHaveLength(2));
});

test('says that a page is in here twice', async () => {
  await open([item('Wall', { kind: 'LINK', url: 'https://skerrow.example/wall', sameAs: 'other' })]);
  expect(screen.getByText('the same page is in here twice')).toBeTruthy();
});

test('leads to handing it in, to a link for a reader, and to a copy', async () => {
  const { user } = await open([item('Wall')], {
    'GET /api/reader-links': { rule: 'FREE', links: [] },
    'GET /api/copies': [],
  });
  await user.click(screen.getByRole('button', { name: 'Show or save it' }));
  expect(screen.getByRole('link', { name: 'Hand it in' }).getAttribute('href')).toBe(
    '/n/n1/hand-in?collection=c1',
  );
  expect(await screen.findByRole('button', { name: 'Link for a reader' })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'PDF, A4' })).toBeTruthy();
});
