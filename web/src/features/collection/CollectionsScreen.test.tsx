import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { NO_READERS } from '../../test/thing';
import { visit } from '../../test/visit';

test('makes a collection with the details and views of another', async () => {
  const look = {
    shape: 'TABLE',
    words: '',
    only: {},
    sorts: [{ detail: 'cost', isFalling: true }],
    height: 'COUNT',
    shown: ['cost'],
  };
  const { user, server } = await visit('/collections', {
    'GET /api/collections': [{ id: 'c1', title: 'Sea defences', purpose: '', items: 2, kinds: [] }],
    'GET /api/collections/bin': [],
    'GET /api/shown-collections': [],
    'GET /api/collections/c1': {
      id: 'c1',
      title: 'Sea defences',
      purpose: '',
      notches: [],
      details: [{ id: 'cost', name: 'Cost', kind: 'NUMBER', unit: '' }],
      items: [],
    },
    'GET /api/collections/c1/views': { views: [{ id: 'v1', name: 'Prices', look }], places: [], ties: [] },
    'PUT /api/collections/*': {},
    'PUT /api/collections/*/details/*': {},
    'PUT /api/collections/*/views/*': {},
    'GET /api/collections/*': {
      id: 'new',
      title: 'River defences',
      purpose: '',
      notches: [],
      details: [],
      items: [],
    },
    'GET /api/collections/*/views': { views: [], places: [], ties: [] },
    'GET /api/collections/*/readers': NO_READERS,
    'GET /api/notebooks/n1/syllabus': [],
  });
  await user.type(await screen.findByLabelText('Title'), 'River defences');
  await user.selectOptions(screen.getByLabelText('With the details and views of'), 'Sea defences');
  await user.click(screen.getByRole('button', { name: 'Make the collection' }));
  await waitFor(() => expect(server.sent('PUT /api/collections/*/views/*')).toHaveLength(1));
  expect(server.sent('PUT /api/collections/*/details/*')).toEqual([
    { name: 'Cost', kind: 'NUMBER', unit: '' },
  ]);
  const [kept] = server.sent('PUT /api/collections/*/views/*') as [{ look: typeof look }];
  expect(kept.look.sorts[0]?.detail).toBe(kept.look.shown[0]);
  expect(kept.look.shown[0]).not.toBe('cost');
});
