import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { refuse, visit } from '../../test/visit';

const paper = (id: string, number: string, more: Partial<Api['PaperView']> = {}): Api['PaperView'] => ({
  id,
  name: `2027 summer, paper ${number}`,
  year: 2027,
  sitting: 'summer',
  variant: '',
  paper: number,
  ...more,
});
const DONE = paper('a', '1', {
  share: 0.4,
  done: {
    day: '2026-11-24',
    marks: 16,
    outOf: 40,
    minutes: 60,
    parts: [{ question: '1a', topic: 't', marks: 2, outOf: 3 }],
  },
});
const TREND: Api['TrendView'] = {
  topic: 't',
  code: '2.3',
  title: 'Echoes',
  direction: 'UP',
  marks: [
    { day: '2026-11-03', share: 0.5 },
    { day: '2026-11-24', share: 0.75 },
  ],
};
const NODES = [
  { id: 't', code: '2.3', title: 'Echoes', kind: 'TOPIC' },
  { id: 'p', code: '2.3a', title: 'Echo', kind: 'POINT', parent: 't' },
];

const open = (papers: Api['PaperView'][], more: Record<string, unknown> = {}) =>
  visit('/n/n1/papers', {
    'GET /api/notebooks/n1/papers': { papers, trends: papers.length ? [TREND] : [] },
    'GET /api/notebooks/n1/syllabus': NODES,
    ...more,
  });

test('shows what is done, what is not, and how topics do', async () => {
  await open([DONE, paper('b', '2')]);
  expect(screen.getByText('1 of 2 papers done')).toBeTruthy();
  expect(screen.getByRole('button', { name: /^2027 summer, paper 1:\s*40 %\s*Tue 24 Nov$/ })).toBeTruthy();
  expect(screen.getByRole('button', { name: /^2027 summer, paper 2:\s*not done$/ })).toBeTruthy();
  expect(screen.getByText('getting better')).toBeTruthy();
  expect(screen.getByRole('img', { name: '50 %, 75 %' })).toBeTruthy();
});

test('keeps the marks of a paper by question', async () => {
  const { user, server } = await open([paper('b', '2')], { 'PUT /api/notebooks/n1/papers/b': {} });
  await user.click(screen.getByRole('button', { name: /paper 2:\s*not done/ }));
  const dialog = screen.getByRole('dialog');
  await user.type(within(dialog).getByLabelText('Done on'), '2026-11-24');
  await user.type(within(dialog).getByLabelText('Minutes'), '45');
  await user.click(within(dialog).getByRole('button', { name: 'Add a row' }));
  await user.type(within(dialog).getByLabelText('Question, row 1'), '3b');
  await user.type(within(dialog).getByLabelText('Marks, row 1'), '2,5');
  await user.type(within(dialog).getByLabelText('Out of, row 1'), '4');
  await user.click(within(dialog).getByRole('button', { name: 'Keep it' }));
  await waitFor(() => expect(server.sent('PUT /api/notebooks/n1/papers/b')).toHaveLength(1));
  expect(server.sent('PUT /api/notebooks/n1/papers/b')[0]).toEqual({
    year: 2027,
    sitting: 'summer',
    variant: '',
    paper: '2',
    done: { day: '2026-11-24', minutes: 45, parts: [{ question: '3b', topic: 't', marks: 2.5, outOf: 4 }] },
  });
});

test('puts a run of years on the list in one step', async () => {
  const { user, server } = await open([], { 'POST /api/notebooks/n1/papers': {} });
  await user.click(screen.getByRole('button', { name: 'A run of years' }));
  await user.type(screen.getByLabelText('Sittings'), 'summer, winter');
  await user.click(screen.getByRole('button', { name: 'Put them on the list' }));
  await waitFor(() => expect(server.sent('POST /api/notebooks/n1/papers')).toHaveLength(1));
  expect(server.sent('POST /api/notebooks/n1/papers')[0]).toMatchObject({
    sittings: ['summer', 'winter'],
    papers: ['1', '2'],
    variants: [],
  });
});

test('says line by line what is wrong with a file', async () => {
  const { user } = await open([], {
    'POST /api/notebooks/n1/papers.csv': refuse(422, 'One thing has to be mended in this file.'),
  });
  await user.upload(
    screen.getByLabelText('CSV file of papers'),
    new File(['x'], 'p.csv', { type: 'text/csv' }),
  );
  expect(await screen.findByText(/One thing has to be mended in this file./)).toBeTruthy();
});
