import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { NOTEBOOK, section, version, visit, WORK } from '../../test/visit';

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
