import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { entry, text } from '../../test/openPage';
import { visit } from '../../test/visit';

const piece = (at: number, id: string, words: string, day: string): Api['GrowthPiece'] => ({
  at,
  entry: entry(id, { content: text(words) }),
  name: words,
  day,
  notebookId: 'n1',
  notebook: 'Physics',
  page: 'Timing an echo',
});
const FIRST = piece(0, 'e1', 'An echo.', '2026-10-21');
const LATEST = piece(3, 'e4', 'Half of it.', '2026-11-24');
const BESIDE: Api['BesideView'] = {
  earlier: FIRST,
  later: LATEST,
  changes: [
    { what: 'points this work is evidence for', earlier: '2', later: '6', why: ['24 Nov: 2.3a to 2.3f'] },
    { what: 'in the latest papers on 2.3', later: '80 %', why: [] },
  ],
  before: { earlier: 2, later: 3 },
  next: { earlier: 0, later: 1 },
};
const glimpse = (id: string, words: string): Api['Glimpse'] => ({
  id,
  pageId: 'p1',
  kind: 'TYPED',
  name: words,
  words,
  peaks: [],
  seconds: 0,
});
const LINES: Api['GrowthLine'][] = ['One', 'Two', 'Three', 'Four'].map((words, at) => ({
  at,
  piece: glimpse(`e${at + 1}`, words),
  day: '2026-11-01',
}));
const WEEKS = [
  { number: 11, rating: 2, paper: 0.4, covered: 0.25, sheets: 3, written: 0.2 },
  { number: 12, covered: 0.5, sheets: 4, written: 0.3 },
];

const open = (answers: Record<string, unknown> = {}, path = '/n/n1/growth') =>
  visit(path, {
    'GET /api/growth': { count: 4, beside: BESIDE },
    'GET /api/growth/pieces': LINES,
    'GET /api/notebooks/n1/growth-weeks': { weeks: WEEKS },
    'GET /api/then-and-nows': [],
    'GET /api/own-marks': [{ id: 'm1', name: 'Graph', shape: 'RING' }],
    'GET /api/notebooks/n1/syllabus': [
      { id: 't1', kind: 'TOPIC', code: '2.3', title: 'Echoes' },
      { id: 'a', kind: 'POINT', code: '2.3a', title: 'Echo as reflection' },
    ],
    ...answers,
  });

const figure = (what: string) =>
  screen.getByText(what).parentElement?.textContent?.replace(/\s+/g, ' ') ?? '';

test('sets the first beside the latest, with what changed and why', async () => {
  await open();
  const then = await screen.findByRole('region', { name: 'the first of 4: An echo.' });
  expect(within(then).getByText('Wed 21 Oct')).toBeTruthy();
  expect(screen.getByRole('region', { name: 'the latest of 4: Half of it.' })).toBeTruthy();
  expect(figure('points this work is evidence for')).toContain('2 → then 6');
  expect(figure('points this work is evidence for')).toContain('24 Nov: 2.3a to 2.3f');
});

test('says which side a figure is known on', async () => {
  await open();
  await screen.findByText('in the latest papers on 2.3');
  expect(figure('in the latest papers on 2.3')).toContain('80 % now');
});

test.each([
  ['ArrowRight', 'earlier=0&later=1'],
  ['ArrowLeft', 'earlier=2&later=3'],
])('goes on to another pair with %s', async (key, search) => {
  const { server } = await open();
  await screen.findByText('An echo.');
  fireEvent.keyDown(document.body, { key });
  await waitFor(() =>
    expect(server.asked.map((one) => one.what)).toContainEqual(expect.stringContaining(search)),
  );
});

test('sets any two beside each other, the earlier one first', async () => {
  const { user, server } = await open();
  const two = await screen.findByRole('button', { name: 'Now: Two' });
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Then: Four' }).disabled).toBe(true);
  await user.click(two);
  await waitFor(() =>
    expect(server.asked.map((one) => one.what)).toContainEqual(expect.stringContaining('earlier=0&later=1')),
  );
});

test.each([
  ['Topic or point', 'a', 'node=a'],
  ['Kind of work', 'PHOTO', 'kind=PHOTO'],
  ['A mark of your own', 'm1', 'mark=m1'],
])('narrows by %s', async (name, value, asked) => {
  const { user, server } = await open();
  await user.selectOptions(await screen.findByLabelText(name), value);
  await waitFor(() =>
    expect(server.asked.map((one) => one.what)).toContainEqual(expect.stringContaining(asked)),
  );
});

test.each([
  [{ count: 0 }, '/n/n1/growth', /Nothing is made yet/],
  [{ count: 0 }, '/n/n1/growth?words=graph', /No work is like that/],
  [{ count: 1, only: FIRST }, '/n/n1/growth', /There is one piece so far/],
])('has an honest look with %j', async (growth, path, words) => {
  await open({ 'GET /api/growth': growth }, path);
  expect(await screen.findByText(words)).toBeTruthy();
});

test('keeps a pair with the first word about it', async () => {
  const { server } = await open({ 'PUT /api/then-and-nows/*': { version: 1 } });
  fireEvent.change(await screen.findByRole('textbox', { name: /^What changed/ }), {
    target: { value: 'I halve it now.' },
  });
  await screen.findByText(/^All kept/, {}, { timeout: 8_000 });
  expect(server.sent('PUT /api/then-and-nows/*')).toMatchObject([
    { earlier: 'e1', later: 'e4', baseVersion: 0, words: 'I halve it now.' },
  ]);
});

test('shows kept pairs, and says which piece is in the bin', async () => {
  const pair = {
    id: 'k1',
    notebookId: 'n1',
    earlier: 'e1',
    later: 'e4',
    title: 'An echo, then and now',
    words: 'I halve it now.',
    version: 1,
    keptOn: '2026-11-24',
  };
  await open({ 'GET /api/then-and-nows': [{ pair, later: glimpse('e4', 'Half') }] });
  expect(await screen.findByText('An echo, then and now')).toBeTruthy();
  expect(screen.getByText('in the bin')).toBeTruthy();
});

test('has the figures behind the lines as a table', async () => {
  await open();
  const table = await screen.findByRole('table', { hidden: true });
  const rows = within(table).getAllByRole('row', { hidden: true });
  expect(rows.map((row) => [...row.children].map((cell) => cell.textContent).join(' '))).toEqual([
    'Week Marks covered Marks in papers How sure, of 4 Sheets written',
    '11 25 % 40 % 2 3',
    '12 50 % – – 4',
  ]);
});
