import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { visit } from '../../test/visit';

const open = (search: string) =>
  visit(`/shared?${search}`, {
    'GET /api/collections': [{ id: 'c1', title: 'Sea defences', purpose: '', items: 2, kinds: [] }],
    'PUT /api/collections/c1/items/*': {},
  });

test.each([
  [
    'url=https%3A%2F%2Fsea.example%2F&title=The+sea',
    { kind: 'LINK', url: 'https://sea.example/', title: 'The sea' },
  ],
  ['text=https%3A%2F%2Fsea.example%2F', { kind: 'LINK', url: 'https://sea.example/', title: '' }],
  ['text=Ask+the+warden', { kind: 'NOTE', title: 'Ask the warden' }],
])('keeps what a phone shares: %s', async (search, kept) => {
  const { user, server } = await open(search);
  await user.click(await screen.findByRole('button', { name: 'Keep it in Sea defences' }));
  await waitFor(() => expect(server.sent('PUT /api/collections/c1/items/*')).toMatchObject([kept]));
});

test('keeps it in a new collection', async () => {
  const { user, server } = await visit('/shared?text=Ask+the+warden', {
    'GET /api/collections': [],
    'PUT /api/collections/*': {},
    'PUT /api/collections/*/items/*': {},
  });
  await user.type(await screen.findByLabelText('Or in a new collection'), 'Sea defences');
  await user.click(screen.getByRole('button', { name: 'Make it, and keep it there' }));
  await waitFor(() => expect(server.sent('PUT /api/collections/*/items/*')).toHaveLength(1));
  expect(server.sent('PUT /api/collections/*')).toMatchObject([{ title: 'Sea defences' }]);
});

test('says that nothing came along', async () => {
  await open('');
  expect(await screen.findByText('Nothing came along that can be kept.')).toBeTruthy();
  expect(screen.queryByRole('button', { name: /Keep it/ })).toBeNull();
});
