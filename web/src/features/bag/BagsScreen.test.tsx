import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import { visit } from '../../test/visit';

const MADE = {
  id: 'b1',
  title: 'Everything',
  state: 'READY',
  share: 1,
  bytes: 2_400_000,
  words: '',
  wantedAt: '2026-11-25T08:00:00Z',
};
const FOUND = {
  description: 'Marlo Quist: everything',
  notebooks: [
    { title: 'Physics', isHere: false },
    { title: 'Music', isHere: true },
  ],
  pages: 41,
  entries: 1,
  media: 60,
  collections: 2,
  versions: 3,
  faults: [],
  moreFaults: 0,
  sealsHold: 0,
  lost: 0,
};
const BROUGHT = {
  id: 'b2',
  name: 'Everything.zip',
  state: 'WHOLE',
  share: 1,
  found: FOUND,
  words: '',
  broughtAt: '2026-11-25T08:00:00Z',
};
const open = (made: unknown[], brought: unknown[], more: Record<string, unknown> = {}) =>
  visit('/bags', {
    'GET /api/notebooks': [{ id: 'n1', title: 'Physics', cover: 'PETROL' }],
    'GET /api/bags': { made, brought },
    ...more,
  });

test('makes a bag of everything, or of one notebook', async () => {
  const { user, server } = await open([], [], { 'PUT /api/bags/*': MADE });
  await user.click(screen.getByRole('button', { name: 'Make it' }));
  await user.selectOptions(screen.getByLabelText('What goes into it'), 'Physics');
  await user.click(screen.getByRole('button', { name: 'Make it' }));
  await waitFor(() => expect(server.sent('PUT /api/bags/*')).toEqual([{}, { notebookId: 'n1' }]));
});

test('says how far a bag is, why one failed, and gives out one that is ready', async () => {
  await open(
    [
      { ...MADE, id: 'b3', title: 'Physics', state: 'WAITING', share: 0.4 },
      MADE,
      { ...MADE, id: 'b4', title: 'Music', state: 'FAILED', words: 'There is no room left for it.' },
    ],
    [],
  );
  expect(screen.getByText(/40 % · It is being made/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Save the bag of Everything' }).getAttribute('href')).toBe(
    '/api/bags/b1/file',
  );
  expect(screen.getAllByRole('link', { name: /^Save the bag/ })).toHaveLength(1);
  expect(screen.getByRole('alert').textContent).toBe('There is no room left for it.');
});

test('shows what is in a bag before it is taken in', async () => {
  const { user, server } = await open([], [BROUGHT], {
    'POST /api/brought-bags/b2/taking': { ...BROUGHT, state: 'TAKING' },
  });
  const counts = screen.getByText(/2 notebooks, 41 pages, 1 entry, 60 photos, sounds and files/);
  const [physics, music] = within(counts.parentElement as HTMLElement).getAllByRole('listitem');
  expect(physics?.textContent).toBe('Physics');
  expect(music?.textContent).toBe('Music · is here already and stays as it is');
  await user.click(screen.getByRole('button', { name: 'Take it in' }));
  await waitFor(() => expect(server.sent('POST /api/brought-bags/b2/taking')).toHaveLength(1));
});

test('takes nothing in of which all is here', async () => {
  const notebooks = [{ title: 'Music', isHere: true }];
  await open([], [{ ...BROUGHT, found: { ...FOUND, notebooks } }]);
  expect(screen.getByText('There is nothing new in it.')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Take it in' })).toBeNull();
});

test('names what is damaged file by file', async () => {
  const faults = [{ path: 'data/media/photo.jpg', words: 'is missing.' }];
  await open([], [{ ...BROUGHT, state: 'DAMAGED', found: { ...FOUND, faults, moreFaults: 7 } }]);
  expect(screen.getByText('data/media/photo.jpg').parentElement?.textContent).toBe(
    'data/media/photo.jpg is missing.',
  );
  expect(screen.getByText('And 7 more.')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Take it in' })).toBeNull();
});

test('says what came of it', async () => {
  await open([], [{ ...BROUGHT, state: 'TAKEN', found: { ...FOUND, sealsHold: 2, lost: 1 } }]);
  expect(screen.getByRole('status').textContent).toContain('2 of 3 seals that came along hold.');
  expect(screen.getByRole('status').textContent).toContain('1 notch could not be kept');
});
