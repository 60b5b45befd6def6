import { screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { refuse, SEAL, SEALED, visit } from '../../test/visit';
import { nameIn } from './savedFrom';

const open = async (more: Record<string, unknown>) => {
  vi.stubGlobal('URL', Object.assign(URL, { createObjectURL: () => 'blob:a', revokeObjectURL: () => {} }));
  const shown = await visit('/versions/v1', {
    'GET /api/hand-ins/v1': { ...SEALED, id: 'v1' },
    'GET /api/hand-ins/*/seal': SEAL,
    ...more,
  });
  await shown.user.click(await screen.findByRole('button', { name: 'Other forms' }));
  return shown;
};

test('asks for the form that was chosen, and says when it is saved', async () => {
  const { user, server } = await open({ 'GET /api/hand-ins/v1/copy': {} });
  await user.click(screen.getByRole('radio', { name: 'Book (EPUB)' }));
  expect(screen.queryByRole('radio', { name: 'Letter' })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Save it' }));
  expect(await screen.findByText(/is saved/)).toBeTruthy();
  expect(server.asked.at(-1)?.what).toBe('GET /api/hand-ins/v1/copy?form=EPUB');
});

test('says what to do when it can’t be made', async () => {
  const { user } = await open({ 'GET /api/hand-ins/v1/pdf': refuse(507, 'The disk is full.') });
  await user.click(screen.getByRole('button', { name: 'Save it' }));
  expect((await screen.findByRole('alert')).textContent).toBe('The disk is full.');
});

test.each([
  [
    `attachment; filename="=?UTF-8?Q?Echo?="; filename*=UTF-8''Echoes%20%26%20sonar.epub`,
    'Echoes & sonar.epub',
  ],
  ['attachment; filename="waves.pdf"', 'waves.pdf'],
  ['', 'copy'],
])('finds the name in %j', (header, name) => {
  expect(nameIn(header)).toBe(name);
});
