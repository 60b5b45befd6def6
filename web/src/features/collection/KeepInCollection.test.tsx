import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { entry, openPage } from '../../test/openPage';

const PUT = 'PUT /api/collections/*/items/*';

const open = (more: Record<string, unknown> = {}) =>
  openPage([entry('e1', { caption: 'An echo' }), entry('e2', { caption: 'A wall' })], {
    'GET /api/collections': [{ id: 'c1', title: 'Sea defences', purpose: '', items: 2, kinds: [] }],
    [PUT]: {},
    'PUT /api/collections/*': {},
    ...more,
  });

test('keeps a page whole', async () => {
  const { user, server } = await open();
  await user.click(screen.getByRole('button', { name: 'Keep the page in a collection' }));
  await user.click(await screen.findByRole('button', { name: 'Keep it in Sea defences' }));
  expect(await screen.findByText('1 thing kept in “Sea defences”.')).toBeTruthy();
  await waitFor(() => expect(server.sent(PUT)).toMatchObject([{ kind: 'PAGE', leadsTo: 'p1' }]));
});

test('keeps those of several entries that are ticked', async () => {
  const { user, server } = await open();
  await user.click(screen.getByRole('button', { name: 'Keep entries of it' }));
  await user.click(await screen.findByLabelText('A wall'));
  await user.click(await screen.findByRole('button', { name: 'Keep it in Sea defences' }));
  expect(await screen.findByText('1 thing kept in “Sea defences”.')).toBeTruthy();
  await waitFor(() =>
    expect(server.sent(PUT)).toMatchObject([{ kind: 'ENTRY', entryId: 'e1', title: 'An echo' }]),
  );
});

test('makes a collection for it where none fits', async () => {
  const { user, server } = await open();
  await user.click(screen.getByRole('button', { name: 'Keep entries of it' }));
  await user.type(screen.getByLabelText('Or in a new collection'), 'Echoes{Enter}');
  await waitFor(() => expect(server.sent(PUT)).toHaveLength(2));
  expect(server.sent('PUT /api/collections/*')).toMatchObject([{ title: 'Echoes' }]);
});
