import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { page } from '../../test/openPage';
import { FREE, NOTEBOOK, section, version, visit, WORK } from '../../test/visit';

const work = { ...WORK, topic: 't1' };
const contents = (topics: string[]) => ({
  'GET /api/notebooks/n1': {
    notebook: NOTEBOOK,
    sections: [section('Echoes', { id: 's1', topics })],
    pages: [],
  },
});

test.each([
  ['the section on its topic', contents(['t1']), 'Check and hand in', '/hand-in?section=s1&setWork=w1'],
  ['a notebook that lacks one', contents(['t9']), 'Make a section for it in Physics', '/n/n1'],
  [
    'making a notebook for the class',
    { 'GET /api/notebooks': [] },
    'Make a notebook for 10B Physics',
    '/new?class=c1',
  ],
])('leads from what is due to %s', async (_, answers, name, to) => {
  await visit('/hand-ins', { 'GET /api/hand-ins': [{ setWork: work, versions: [] }], ...answers });
  expect((await screen.findByRole('link', { name })).getAttribute('href')).toBe(to);
});

test('begins a page on the pattern that was given, and leads to it from then on', async () => {
  const asked = { setWork: { ...work, asked: { ...work.asked, pattern: FREE } }, versions: [] };
  const made = { ...page([]), id: 'p9', title: 'Echo practical' };
  const { user, server, router } = await visit('/hand-ins', {
    'GET /api/hand-ins': [asked],
    ...contents(['t1']),
    'PUT /api/pages/*': made,
    'GET /api/pages/p9': made,
  });
  await user.click(await screen.findByRole('button', { name: 'Begin a page for it' }));
  await waitFor(() => expect(router.state.location.pathname).toBe('/n/n1/p/p9'));
  expect(server.sent('PUT /api/pages/*')).toMatchObject([
    { sectionId: 's1', title: 'Echo practical', pattern: { name: FREE.name } },
  ]);
});

test('leads to the page that was begun', async () => {
  const begun = {
    id: 'p9',
    sectionId: 's1',
    title: 'Echo practical',
    day: '2026-11-25',
    entries: 0,
    missing: [],
  };
  const there = contents(['t1'])['GET /api/notebooks/n1'];
  await visit('/hand-ins', {
    'GET /api/hand-ins': [{ setWork: work, versions: [] }],
    'GET /api/notebooks/n1': { ...there, pages: [begun] },
  });
  expect((await screen.findByRole('link', { name: 'Go on with its page' })).getAttribute('href')).toBe(
    '/n/n1/p/p9',
  );
});

test('lists what was sent without being asked, with the way to send it again', async () => {
  const unasked: Api['UnaskedView'] = {
    title: 'Week 10, looking back',
    to: { classId: 'c1', className: '10B Physics', teacher: 'Ms Tolland' },
    picked: { pages: [], notebook: 'n1', monday: '2026-11-09' },
    versions: [version('v1', { state: 'SENT_BACK', remarks: 1 })],
  };
  await visit('/hand-ins', { 'GET /api/hand-ins': [], 'GET /api/hand-ins/unasked': [unasked] });
  expect(await screen.findByText('Week 10, looking back')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Check and send again' }).getAttribute('href')).toBe(
    '/hand-in?notebook=n1&monday=2026-11-09&unasked=1',
  );
});
