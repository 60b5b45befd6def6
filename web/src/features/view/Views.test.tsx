import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { NO_READERS, thing } from '../../test/thing';
import { refuse, visit } from '../../test/visit';

const SORT: Api['Detail'] = { id: 'sort', name: 'Kind of defence', kind: 'ONE_OF', unit: '' };
const COST: Api['Detail'] = { id: 'cost', name: 'Cost', kind: 'NUMBER', unit: 'a metre' };
const item = (title: string, values: Api['ItemView']['values'] = {}) => thing(title, { values });
const ITEMS = [
  item('Wall', { cost: ['6200'], sort: ['hard'] }),
  item('Fence', { cost: ['95'], sort: ['soft'] }),
  item('Minutes'),
];
const COSTS: Api['NamedView'] = {
  id: 'v1',
  name: 'What a metre costs',
  look: {
    shape: 'TABLE',
    words: '',
    only: {},
    sorts: [{ detail: 'cost', isFalling: true }],
    height: 'COUNT',
    shown: [],
  },
};
const PATCH = 'PATCH /api/collections/c1/items/*';

const open = (more: Record<string, unknown> = {}) =>
  visit('/collections/c1', {
    'GET /api/collections/c1': {
      id: 'c1',
      title: 'Sea defences',
      purpose: '',
      notches: [],
      details: [SORT, COST],
      items: ITEMS,
    },
    'GET /api/collections/c1/views': { views: [COSTS], places: [], ties: [] },
    'GET /api/collections/c1/readers': NO_READERS,
    'GET /api/collections/c1/details/offered': [
      { name: 'Kind of defence', kind: 'ONE_OF', unit: '', values: ['hard', 'soft'] },
      { name: 'Seen at', kind: 'SOME_OF', unit: '', values: ['Skerrow Bay'] },
    ],
    'GET /api/notebooks/n1/syllabus': [],
    [PATCH]: {},
    ...more,
  });
const see = async (shape: string, more: Record<string, unknown> = {}) => {
  const opened = await open(more);
  await opened.user.click(screen.getByRole('button', { name: shape }));
  return opened;
};
const titles = () =>
  within(screen.getByRole('table'))
    .getAllByRole('button', { name: /, say more$/ })
    .map((one) => one.textContent);

test('sorts a table by a column and says what it adds up to', async () => {
  const { user } = await see('Table');
  await user.click(screen.getByRole('button', { name: 'Cost' }));
  expect(titles()).toEqual(['Fence', 'Wall', 'Minutes']);
  await user.click(screen.getByRole('button', { name: 'Cost, least first' }));
  expect(titles()).toEqual(['Wall', 'Fence', 'Minutes']);
  expect(screen.getByText('6,295 a metre')).toBeTruthy();
  expect(screen.getByText('2, 1 without')).toBeTruthy();
});

test('takes what is typed in a cell and goes on to the next row', async () => {
  const { user, server } = await see('Table');
  const cell = screen.getByLabelText('Cost of Wall');
  await user.clear(cell);
  await user.type(cell, '6 400{Enter}');
  expect(document.activeElement).toBe(screen.getByLabelText('Cost of Fence'));
  await waitFor(() => expect(server.sent(PATCH)).toEqual([{ values: { cost: ['6 400'] } }]));
});

test('says why a value is refused', async () => {
  const { user } = await see('Table', {
    [PATCH]: refuse(422, '“Cost”: Type a number, such as 2400 or 0.5.'),
  });
  await user.type(screen.getByLabelText('Cost of Minutes'), 'cheap{Enter}');
  expect((await screen.findByRole('alert')).textContent).toContain('Type a number');
});

test('sets things into groups, those without a value last', async () => {
  await see('Groups');
  const groups = within(screen.getByRole('group', { name: 'Groups' })).getAllByRole('region');
  expect(groups.map((one) => one.getAttribute('aria-label'))).toEqual([
    'hard',
    'soft',
    'Without kind of defence',
  ]);
});

test('has the figures of a chart as a table', async () => {
  const { user } = await see('Chart');
  await user.selectOptions(screen.getByLabelText('What the bars show'), 'the sum of');
  const rows = within(screen.getByRole('table', { hidden: true })).getAllByRole('row', { hidden: true });
  expect(rows.map((row) => [...row.children].map((cell) => cell.textContent).join(' '))).toEqual([
    'Kind of defence Things Cost, sum',
    'hard 1 6,200 a metre',
    'soft 1 95 a metre',
  ]);
  expect(screen.getByText('1 thing without kind of defence.')).toBeTruthy();
});

test('lays things along a line of time', async () => {
  await see('Time');
  expect(screen.getByLabelText<HTMLSelectElement>('along').value).toBe('kept');
  const line = screen.getByRole('list', { name: 'Along kept on' });
  expect(
    within(line)
      .getAllByRole('button')
      .map((one) => one.textContent),
  ).toEqual(['Wall', 'Fence', 'Minutes']);
});

test('narrows what is seen and says so', async () => {
  const { user } = await open();
  await user.selectOptions(screen.getByLabelText('Only things by'), 'Kind of defence');
  expect(screen.getByText('· 1 of 3 things · only you see it')).toBeTruthy();
  expect(screen.getByText('Wall')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Kind of defence: hard' }));
  await user.click(screen.getByLabelText('without one'));
  expect(screen.getByText('Minutes')).toBeTruthy();
  expect(screen.queryByText('Fence')).toBeNull();
  await user.keyboard('{Escape}');
  await user.type(screen.getByLabelText('Only things that hold'), 'zebra');
  expect(screen.getByText(/Nothing in it is as this view wants it/)).toBeTruthy();
});

test('draws a chart as the parts of a whole', async () => {
  const { user } = await see('Chart');
  await user.selectOptions(screen.getByLabelText('as'), 'parts of the whole');
  await user.click(screen.getByText('The figures as a table'));
  const row = screen.getByRole('row', { name: /^hard/ });
  expect(within(row).getByText(/^50/)).toBeTruthy();
});

test('leaves a detail out of what is seen', async () => {
  const { user } = await see('Table');
  await user.click(screen.getByRole('button', { name: 'Details that are seen' }));
  await user.click(await screen.findByRole('menuitem', { name: 'Without Kind of defence' }));
  expect(screen.queryByLabelText('Kind of defence of Wall')).toBeNull();
  expect(screen.getByLabelText('Cost of Wall')).toBeTruthy();
});

test('opens a view that was kept, and keeps another', async () => {
  const { user, server } = await open({ 'PUT /api/collections/c1/views/*': {} });
  await user.click(await screen.findByRole('button', { name: 'What a metre costs' }));
  expect(titles()).toEqual(['Wall', 'Fence', 'Minutes']);
  expect(screen.queryByRole('button', { name: 'Keep this view' })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Groups' }));
  await user.click(screen.getByRole('button', { name: 'Keep this view' }));
  await user.type(screen.getByLabelText('Name'), 'Hard or soft{Enter}');
  await waitFor(() =>
    expect(server.sent('PUT /api/collections/c1/views/*')).toMatchObject([
      { name: 'Hard or soft', look: { shape: 'GROUPS', sorts: [{ detail: 'cost' }] } },
    ]),
  );
});

test('adds a detail as it was used before', async () => {
  const { user, server } = await open({ 'PUT /api/collections/c1/details/*': {} });
  await user.keyboard('d');
  await user.type(screen.getByLabelText('Name'), 'Seen at');
  expect(screen.getByLabelText<HTMLSelectElement>('It is').value).toBe('SOME_OF');
  await user.click(screen.getByRole('button', { name: 'Add it' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/collections/c1/details/*')).toMatchObject([
      { name: 'Seen at', kind: 'SOME_OF' },
    ]),
  );
});

test('changes a value everywhere', async () => {
  const { user, server } = await see('Table', { 'POST /api/collections/c1/details/sort/merge': {} });
  await user.click(screen.getByRole('button', { name: 'Change Kind of defence' }));
  await user.click(await screen.findByRole('menuitem', { name: 'Change a value everywhere' }));
  await user.click(screen.getByRole('checkbox', { name: /^hard/ }));
  const name = screen.getByLabelText('It is called');
  await user.clear(name);
  await user.type(name, 'built of stone');
  await user.click(screen.getByRole('button', { name: 'Change it everywhere' }));
  await waitFor(() =>
    expect(server.sent('POST /api/collections/c1/details/sort/merge')).toEqual([
      { from: ['hard'], into: 'built of stone' },
    ]),
  );
});

test('says why a thing was kept', async () => {
  const { user, server } = await open();
  await user.click(screen.getByRole('button', { name: 'Say why I kept it: Wall' }));
  await user.type(screen.getByLabelText('Why I kept it'), 'The dearest.');
  await user.click(screen.getByRole('button', { name: 'Done' }));
  await waitFor(() => expect(server.sent(PATCH)).toEqual([{ why: 'The dearest.' }]));
});
