import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { entry, openPage } from '../../test/openPage';
import { refuse } from '../../test/visit';

const media = (type: string, more: Partial<Api['MediaView']> = {}): Api['MediaView'] => ({
  id: 'm1',
  kind: 'FILE',
  type,
  name: 'tides.csv',
  bytes: 2_140_000,
  peaks: [],
  silences: [],
  compact: false,
  ...more,
});
const file = (type: string) =>
  entry('e1', { kind: 'FILE', content: { name: 'tides.csv' }, media: media(type) });
const CELL = { type: 'paragraph', content: [{ type: 'text', text: '4.9' }] };
const LOOK = { content: { type: 'doc', content: [CELL] }, cut: true };

test('shows what a file is and the beginning of what is in it', async () => {
  const { user } = await openPage([file('text/csv')], { 'GET /api/media/m1/look': LOOK });
  expect(screen.getByText('2.1 MB')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Look inside' }));
  expect(await screen.findByText('4.9')).toBeTruthy();
  expect(screen.getByText('It goes on. Save it to read all of it.')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Save' }).getAttribute('href')).toBe('/api/media/m1');
});

test('says in the server’s words why it can’t be looked into', async () => {
  const { user } = await openPage([file('text/csv')], {
    'GET /api/media/m1/look': refuse(422, 'This table is broken.'),
  });
  await user.click(screen.getByRole('button', { name: 'Look inside' }));
  expect((await screen.findByRole('alert')).textContent).toBe('This table is broken.');
});

test('offers no text of what holds none, and says what to do with it', async () => {
  const { user } = await openPage([file('application/octet-stream')]);
  expect(screen.queryByRole('button', { name: 'As text' })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Look inside' }));
  expect(screen.getByText(/can’t be shown here. Save it/)).toBeTruthy();
});

test('puts several files on the page, each as what it is', async () => {
  const { user } = await openPage([], {
    'PUT /api/media/*?cutOff=false': media('text/csv'),
  });
  await user.keyboard('f');
  const files = [
    new File(['a,b'], 'tides.csv', { type: 'text/csv' }),
    new File(['x'], 'wall.png', { type: 'image/png' }),
  ];
  await user.upload(screen.getByLabelText('Files to put on the page'), files);
  await user.click(screen.getByRole('button', { name: 'Put 2 files on the page' }));
  expect(await screen.findByText('kept on this device, on its way')).toBeTruthy();
  expect(await screen.findByLabelText('photo entry')).toBeTruthy();
});

test('keeps out what is larger than the server takes', async () => {
  const { user } = await openPage([]);
  await user.keyboard('f');
  const file = new File(['x'], 'film.mov');
  Object.defineProperty(file, 'size', { value: 200_000_001 });
  await user.upload(screen.getByLabelText('Files to put on the page'), file);
  expect(screen.getByRole('alert').textContent).toContain('“film.mov” is larger than 200 MB.');
  expect(screen.getByRole('button', { name: 'Put it on the page' })).toHaveProperty('disabled', true);
});

test('shows a link as its page describes itself, and asks again when wished', async () => {
  const card: Api['LinkCardView'] = {
    id: 'c1',
    state: 'UNREACHED',
    movedTo: '',
    title: '',
    description: '',
    site: '',
  };
  const link = entry('e1', { kind: 'LINK', content: { address: 'https://tides.example/may' }, card });
  const { user, server } = await openPage([link], {
    'POST /api/link-cards/c1/again': { ...card, state: 'FETCHED', title: 'Tide tables', site: 'Tidewatch' },
  });
  expect(screen.getByText('tides.example/may')).toBeTruthy();
  expect(screen.getByText('tides.example · could not be opened without signing in')).toBeTruthy();
  await user.click(screen.getByRole('region', { name: 'attached entry' }));
  await user.click(await screen.findByRole('button', { name: 'Ask again' }));
  expect(await screen.findByText('Tide tables')).toBeTruthy();
  expect(screen.getByText('Tidewatch · tides.example')).toBeTruthy();
  expect(server.sent('POST /api/link-cards/c1/again')).toHaveLength(1);
});

test('makes a link of what was typed and keeps what is none', async () => {
  const { user, server } = await openPage([]);
  await user.keyboard('l');
  const line = screen.getByLabelText('Address of the page');
  await user.type(line, 'just words{Enter}');
  expect(screen.getByRole('alert').textContent).toContain('no web address');
  await user.clear(line);
  await user.type(line, 'tides.example/may{Enter}');
  await waitFor(() => expect(server.sent('PUT /api/entries/*')).toHaveLength(1), { timeout: 4_000 });
  expect(server.sent('PUT /api/entries/*')[0]).toMatchObject({
    kind: 'LINK',
    content: { address: 'https://tides.example/may' },
  });
});
