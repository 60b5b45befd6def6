import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { NOTEBOOK, section, visit, WORK } from '../../test/visit';

const work = { ...WORK, topic: 't1' };
const contents = (topics: string[]) => ({
  'GET /api/notebooks/n1': {
    notebook: NOTEBOOK,
    sections: [section('Echoes', { id: 's1', topics })],
    pages: [],
  },
});

test.each([
  ['the section on its topic', contents(['t1']), 'Check and hand in', '/hand-in/s1?setWork=w1'],
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
