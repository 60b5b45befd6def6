import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { thing } from '../../test/thing';
import { visit } from '../../test/visit';

const SHOWN = {
  of: 'Rue Ashdown',
  ofTeacher: false,
  collection: {
    id: 's1',
    title: 'Echoes',
    purpose: 'For the test',
    details: [{ id: 'year', name: 'Year', kind: 'NUMBER', unit: '' }],
    items: [
      thing('Sonar', { kind: 'LINK', url: 'https://sonar.example/', values: { year: ['1990'] } }),
      thing('Our wall', { kind: 'ENTRY', entry: { entryId: 'e', kind: 'PHOTO', words: '' } }),
    ],
  },
  views: { views: [], places: [], ties: [] },
};

const open = (more: Record<string, unknown> = {}) =>
  visit('/shown/s1', {
    'GET /api/shown-collections/s1': SHOWN,
    'POST /api/shown-collections/s1/kept-for-later': { into: 'c9', things: 1, stayed: 1 },
    ...more,
  });

test('lets its reader sort and look, and change nothing', async () => {
  const { user } = await open();
  expect(screen.getByText(/For the test · from Rue Ashdown/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Table' }));
  await user.click(screen.getByRole('button', { name: 'Year' }));
  expect(screen.getByRole('button', { name: 'Year, least first' })).toBeTruthy();
  expect(screen.getAllByRole('cell', { name: '1990' })[0]).toBeTruthy();
  expect(screen.queryByRole('textbox', { name: /Year of/ })).toBeNull();
  expect(screen.queryByRole('button', { name: /Take out/ })).toBeNull();
});

test('keeps all of it for later by one key', async () => {
  const { user, server } = await open();
  await user.keyboard('k');
  await waitFor(() =>
    expect(server.sent('POST /api/shown-collections/s1/kept-for-later')).toEqual([{ things: [] }]),
  );
  expect(await screen.findByText(/1 piece of their own work stayed/)).toBeTruthy();
});

test('keeps one thing, and leaves their own work with them', async () => {
  const { user, server } = await open();
  await user.click(screen.getByRole('button', { name: 'See all of it: Our wall' }));
  expect(screen.getByText('Their own work stays with them.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Close' }));
  await user.click(screen.getByRole('button', { name: 'See all of it: Sonar' }));
  await user.click(screen.getAllByRole('button', { name: /Keep for later/ }).at(-1) as HTMLElement);
  await waitFor(() =>
    expect(server.sent('POST /api/shown-collections/s1/kept-for-later')).toEqual([{ things: ['Sonar'] }]),
  );
});

test('lists what others show, to be looked through', async () => {
  const line = {
    id: 's1',
    title: 'Echoes',
    purpose: '',
    notches: [],
    of: 'Rue Ashdown',
    ofTeacher: false,
    things: 2,
    topics: ['2.3 Echoes and sonar'],
  };
  const { user } = await visit('/collections', {
    'GET /api/collections': [],
    'GET /api/collections/bin': [],
    'GET /api/shown-collections': [line, { ...line, id: 's2', title: 'Coasts', topics: [] }],
  });
  await user.type(await screen.findByLabelText('Look through what is shown to you'), 'sonar');
  expect(screen.getByRole('link', { name: /Echoes/ }).getAttribute('href')).toBe('/shown/s1');
  expect(screen.queryByRole('link', { name: /Coasts/ })).toBeNull();
});
