import { screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Api } from '../../api';
import { refuse, SEAL, SEALED, visit } from '../../test/visit';

const copy = (more: Partial<Api['CopyView']>): Api['CopyView'] => ({
  id: 'c1',
  kind: 'VERSION',
  of: 'v1',
  form: 'EPUB',
  paper: 'A4',
  title: 'Echoes',
  state: 'WAITING',
  share: 0,
  bytes: 0,
  words: '',
  wantedAt: '2026-11-24T09:05:00Z',
  ...more,
});

const saved = vi.fn();

beforeEach(() => {
  vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function click(this: HTMLAnchorElement) {
    saved(this.getAttribute('href'));
  });
});

afterEach(() => {
  vi.restoreAllMocks();
  saved.mockReset();
});

const open = (more: Record<string, unknown>) =>
  visit('/versions/v1', {
    'GET /api/hand-ins/v1': { ...SEALED, id: 'v1' },
    'GET /api/hand-ins/*/seal': SEAL,
    'GET /api/copies': [],
    ...more,
  });

test('asks for the form that was chosen, and saves it as soon as it is there', async () => {
  let all: Api['CopyView'][] = [];
  const { user, server } = await open({
    'GET /api/copies': () => {
      const now = all;
      all = all.map((one) => ({ ...one, state: 'READY', share: 1 }));
      return now;
    },
    'PUT /api/copies/*': () => {
      all = [copy({ id: server.asked.at(-1)?.what.split('/').at(-1) })];
      return all[0];
    },
  });
  await user.click(await screen.findByRole('button', { name: 'Other forms' }));
  await user.click(screen.getByRole('radio', { name: 'Book (EPUB)' }));
  expect(screen.queryByRole('radio', { name: 'Letter' })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Make it' }));
  expect(await screen.findByText(/It is being made/)).toBeTruthy();
  expect(await screen.findByText('“Echoes” is saved.')).toBeTruthy();
  expect(server.sent('PUT /api/copies/*')).toMatchObject([{ kind: 'VERSION', of: 'v1', form: 'EPUB' }]);
  expect(saved.mock.calls).toEqual([[`/api/copies/${all[0]?.id}/file`]]);
});

test('has those that were made before wait, each with the way to it', async () => {
  const { user, server } = await open({
    'GET /api/copies': [
      copy({ state: 'READY', form: 'PDF', paper: 'LETTER', bytes: 2_300_000 }),
      copy({ id: 'c2', state: 'READY', of: 'another' }),
    ],
    'DELETE /api/copies/c1': {},
  });
  const line = within(
    (await screen.findByRole('link', { name: /^Save the PDF, Letter of/ })).closest('li') as HTMLElement,
  );
  expect(line.getByRole('link').getAttribute('href')).toBe('/api/copies/c1/file');
  expect(saved).not.toHaveBeenCalled();
  await user.click(line.getByRole('button', { name: /^Delete/ }));
  await waitFor(() => expect(server.sent('DELETE /api/copies/c1')).toHaveLength(1));
});

test.each([
  [
    'when it can’t be wanted',
    { 'PUT /api/copies/*': refuse(404, 'This hand-in is not here.') },
    'This hand-in is not here.',
  ],
  [
    'when it failed',
    { 'GET /api/copies': [copy({ state: 'FAILED', words: 'There is no room left.' })] },
    'There is no room left.',
  ],
])('says what to do %s', async (_, answers, words) => {
  const { user } = await open(answers);
  await user.click(await screen.findByRole('button', { name: 'PDF, A4' }));
  expect(await screen.findByText(words)).toBeTruthy();
});
