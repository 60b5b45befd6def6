import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { entry, openPage } from '../../test/openPage';
import { thing } from '../../test/thing';
import { FREE, refuse, SEAL, SEALED, typed, visit } from '../../test/visit';

const COLLECTION: Api['CollectionView'] = {
  id: 'c1',
  title: 'Sea defences',
  purpose: '',
  notches: [],
  details: [],
  items: [thing('Wall'), thing('Fence')],
};
const LOOK: Api['Look'] = {
  shape: 'TABLE',
  words: 'wall',
  only: {},
  sorts: [],
  height: 'COUNT',
  shown: [],
};
const VIEWS = { views: [{ id: 'v1', name: 'Dear ones', look: LOOK }], places: [], ties: [] };
const PLACED = { collection: 'c1', view: 'v1', name: 'Sea defences: Dear ones' };
const ANSWERS = { 'GET /api/collections/c1': COLLECTION, 'GET /api/collections/c1/views': VIEWS };

test('stands on a page as it is now, and is narrowed by its reader alone', async () => {
  const { user, server } = await openPage([entry('one', { kind: 'VIEW', content: PLACED })], ANSWERS);
  expect(await screen.findByRole('link', { name: 'Sea defences' })).toBeTruthy();
  expect(await screen.findByText('Wall')).toBeTruthy();
  expect(screen.queryByText('Fence')).toBeNull();
  await user.click(screen.getByText('Sort, narrow or group it for yourself'));
  await user.clear(screen.getByLabelText('Only things that hold'));
  expect(await screen.findByText('Fence')).toBeTruthy();
  expect(server.asked.filter(({ what }) => !what.startsWith('GET'))).toEqual([]);
});

test('says that its collection is in the bin', async () => {
  await openPage([entry('one', { kind: 'VIEW', content: PLACED })], {
    'GET /api/collections/c1': refuse(404, 'There is no such collection.'),
    'GET /api/collections/c1/views': refuse(404, 'There is no such collection.'),
  });
  expect(await screen.findByText(/its collection is in the bin/)).toBeTruthy();
});

test('comes onto a page by a key, then its collection and its view', async () => {
  const { user, server } = await openPage([], {
    'GET /api/collections': [{ id: 'c1', title: 'Sea defences', purpose: '', items: 2, kinds: [] }],
    ...ANSWERS,
  });
  await user.keyboard('c');
  const dialog = within(await screen.findByRole('dialog'));
  await dialog.findByText('Dear ones');
  await user.selectOptions(dialog.getByLabelText('View'), 'Dear ones');
  await user.click(dialog.getByRole('button', { name: 'Put it on the page' }));
  await waitFor(() => expect(server.sent('PUT /api/entries/*')).not.toHaveLength(0), { timeout: 4_000 });
  expect(server.sent('PUT /api/entries/*').at(-1)).toMatchObject({ kind: 'VIEW', content: PLACED });
});

test('stands in a version as it was', async () => {
  const files: Api['ItemView']['media'] = {
    id: 'm1',
    kind: 'FILE',
    type: 'text/csv',
    name: 'costs.csv',
    bytes: 4,
    peaks: [],
    silences: [],
    compact: false,
  };
  const seen = {
    look: { ...LOOK, words: '' },
    collection: { ...COLLECTION, items: [thing('Wall', { kind: 'FILE', media: files })] },
    views: VIEWS,
  };
  await visit('/versions/v1', {
    'GET /api/hand-ins/v1': {
      ...SEALED,
      pages: [
        {
          id: 'p1',
          title: 'Coasts',
          day: '2026-11-10',
          pattern: FREE,
          entries: [typed('e1', '', { kind: 'VIEW', content: { ...PLACED, seen } as never })],
        },
      ],
    },
    'GET /api/hand-ins/*/seal': SEAL,
  });
  expect(await screen.findByText('Sea defences: Dear ones')).toBeTruthy();
  expect(await screen.findByText('Wall')).toBeTruthy();
  expect(screen.queryByRole('link', { name: 'Wall' })).toBeNull();
});
