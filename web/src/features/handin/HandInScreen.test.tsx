import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { NOTEBOOK, refuse, rows, section, visit, WORK } from '../../test/visit';

const READY: Api['ReadyView'] = {
  title: 'Echoes',
  notebookId: 'n1',
  sectionId: 's1',
  setWork: WORK,
  choices: [WORK],
  canSeal: true,
  nextVersion: 2,
  missing: 0,
  lines: [],
  pages: 2,
  photos: 1,
  drawings: 0,
  recordings: 1,
  bytes: 620_000,
};
const LINES: Api['LineView'][] = [
  { outcome: 'BLOCKS', words: '2.3d has nothing notched', mend: { code: '2.3d', point: 'p4' } },
  { outcome: 'BLOCKS', words: 'Week 12, third prompt: 0 words', mend: { week: 12 } },
  { outcome: 'WARNS', words: '“Wall” is notched nowhere', mend: { page: 'p2', entry: 'e7' } },
  { outcome: 'PASSES', words: 'No empty entries', mend: {} },
];

const open = (ready: Partial<Api['ReadyView']>, more: Record<string, unknown> = {}) =>
  visit('/n/n1/s/s1/hand-in', {
    'GET /api/notebooks/n1': {
      notebook: NOTEBOOK,
      sections: [section('s1')],
      pages: ['p1', 'p2'].map((id) => ({
        id,
        title: id,
        sectionId: 's1',
        day: '2026-11-24',
        entries: 1,
        missing: [],
      })),
    },
    'GET /api/sections/s1/readiness': { ...READY, ...ready },
    ...more,
  });
const button = (name: RegExp) => screen.queryByRole<HTMLButtonElement>('button', { name });

test('leads from each line to the place that mends it', async () => {
  await open({ lines: LINES, missing: 2 });
  const ways = screen
    .getAllByRole('link')
    .filter((link) => /^(Go to|Write on|See it)/.test(link.textContent ?? ''))
    .map((link) => [link.textContent, link.getAttribute('href')]);
  expect(ways).toEqual([
    ['Go to 2.3d', '/n/n1/p/p2?point=2.3d'],
    ['Write on', '/n/n1/reflections/12'],
    ['See it', '/n/n1/p/p2?entry=e7'],
  ]);
});

test('tells missing, doubtful and fine apart by more than colour', async () => {
  await open({ lines: LINES, missing: 2 });
  expect(screen.getAllByRole('img', { name: 'missing' })).toHaveLength(2);
  expect(screen.getAllByRole('img', { name: 'look at this' })).toHaveLength(1);
  expect(screen.getAllByRole('img', { name: 'fine' })).toHaveLength(1);
});

test('seals nothing with something missing but by the student’s own word', async () => {
  const { user, server } = await open(
    { lines: LINES, missing: 2 },
    { 'PUT /api/hand-ins/*': refuse(409, 'Ms Tolland is reading it just now.') },
  );
  expect(button(/^Seal version 2/)?.disabled).toBe(true);
  await user.click(button(/^Send with 2 things missing/) as HTMLElement);
  await waitFor(() =>
    expect(server.sent('PUT /api/hand-ins/*')).toEqual([
      { sectionId: 's1', setWorkId: 'w1', withMissing: true },
    ]),
  );
  expect(await screen.findByText('Ms Tolland is reading it just now.')).toBeTruthy();
});

test('seals a section that is ready in one step', async () => {
  const { user, server } = await open({}, { 'PUT /api/hand-ins/*': refuse(500, 'Later.') });
  expect(button(/missing/)).toBeNull();
  await user.click(button(/^Seal version 2/) as HTMLElement);
  await waitFor(() => expect(server.sent('PUT /api/hand-ins/*')).toMatchObject([{ withMissing: false }]));
});

test('offers no second seal while a version is with the teacher', async () => {
  await open({
    canSeal: false,
    last: { id: 'v1', version: 1, state: 'WAITING', missing: 0, remarks: 0, sealedAt: '' },
  });
  expect(button(/Seal/)).toBeNull();
  expect(screen.getByText(/Version 1 is waiting to be read/)).toBeTruthy();
  expect(screen.getByRole('link', { name: /take it back/ }).getAttribute('href')).toBe('/versions/v1');
});

test('says what goes out, and asks for which work only when there is a choice', async () => {
  await open({});
  expect(screen.getByText('2 pages, 1 photo, 0 drawings, 1 recording')).toBeTruthy();
  expect(screen.getByText(/0.6 of 100 MB/)).toBeTruthy();
  expect(screen.queryByLabelText('For')).toBeNull();
});

test('lists everything that was asked with its versions', async () => {
  const versions = [
    { id: 'v1', version: 1, state: 'SENT_BACK', missing: 1, remarks: 2, sealedAt: '2026-11-16T18:42:00Z' },
  ];
  await visit('/hand-ins', {
    'GET /api/hand-ins': [{ setWork: WORK, versions, sectionId: 's1' }],
  });
  expect(rows(document.querySelector('#screen') as HTMLElement)[0]).toContain('sent back with 2 remarks');
  expect(screen.getByRole('link', { name: 'Check and hand in' }).getAttribute('href')).toBe(
    '/hand-in/s1?setWork=w1',
  );
});
