import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { visit } from '../../test/visit';

const line = (code: string, title: string): Api['NodeView'] => ({
  id: `id-${code}`,
  code,
  title,
  parent: 't',
  kind: 'POINT',
  tier: 'CORE',
  firstYear: 0,
  lastYear: 9999,
  years: '',
  note: '',
  origin: 'EDITION',
});
const REWORDED: Api['ChangeView'] = {
  kind: 'REWORDED',
  before: line('2.3b', 'Time of an echo'),
  after: line('2.3b', 'Time of echoes'),
  words: [
    { kind: 'KEPT', text: 'Time of ' },
    { kind: 'GONE', text: 'an echo' },
    { kind: 'NEW', text: 'echoes' },
  ],
  notches: 2,
};
const PREVIEW: Api['MoveView'] = {
  from: 'NB-412 Waves',
  to: 'NB-412 Waves 2029',
  before: { marksCovered: 0.58, pointsBare: 14 },
  after: { marksCovered: 0.5, pointsBare: 20 },
  changes: [
    { kind: 'SAME', before: line('2.3a', 'Echo'), after: line('2.3a', 'Echo'), words: [], notches: 3 },
    REWORDED,
    { kind: 'DROPPED', before: line('2.3c', 'Bats'), words: [], notches: 1 },
    { kind: 'ADDED', after: line('2.3d', 'Whales'), words: [], notches: 0 },
  ],
};

const open = (more: Record<string, unknown> = {}) =>
  visit('/n/n1/edition', {
    'GET /api/notebooks/n1/syllabus': [
      { ...line('2.3', 'Echoes'), id: 't', kind: 'TOPIC' },
      line('2.3a', 'Echo'),
    ],
    'GET /api/notebooks/n1/moves': {},
    'GET /api/editions': [
      { id: 'ed1', code: 'NB-412', title: 'Waves', isKept: false },
      { id: 'ed2', code: 'NB-412', title: 'Waves 2029', isKept: false },
    ],
    'GET /api/notebooks/n1/moves/preview?*': PREVIEW,
    ...more,
  });

test('says before a move what carries over and what will be bare, and then makes it', async () => {
  const { user, server } = await open({ 'PUT /api/notebooks/n1/moves/*': {} });
  await screen.findByRole('option', { name: 'NB-412 Waves 2029' });
  await user.selectOptions(screen.getByLabelText('Set beside'), 'NB-412 Waves 2029');
  expect(await screen.findByText(/Of the points: 1 same, 1 reworded, 1 new, 1 dropped./)).toBeTruthy();
  expect(screen.getByText(/5 notches go along. 1 notch on dropped lines stay/)).toBeTruthy();
  expect(screen.getByText('58 % of the marks now, 50 % there')).toBeTruthy();
  const table = screen.getByRole('table');
  expect(within(table).queryByText('Echo')).toBeNull();
  expect(within(table).getByText('an echo').tagName).toBe('DEL');
  expect(within(table).getByText('echoes').tagName).toBe('INS');
  await user.click(screen.getByRole('radio', { name: 'All lines' }));
  expect(within(table).getAllByText('Echo')).toHaveLength(2);
  await user.click(screen.getByRole('button', { name: 'Move this notebook there' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/notebooks/n1/moves/*')).toEqual([
      { editionId: 'ed2', examYear: 2028, tier: 'EXTENDED' },
    ]),
  );
});

test('goes back, and ticks off what was reworded', async () => {
  const last = { id: 'm1', from: 'NB-412 Old', to: 'NB-412 Waves', toLookAt: [REWORDED] };
  const { user, server } = await open({
    'GET /api/notebooks/n1/moves': { last },
    'POST /api/notebooks/n1/moves/m1/undo': {},
    'PUT /api/notebooks/n1/moves/m1/looked-at/*': {},
  });
  await user.click(await screen.findByRole('button', { name: 'It fits: 2.3b' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/notebooks/n1/moves/m1/looked-at/id-2.3b')).toHaveLength(1),
  );
  await user.click(screen.getByRole('button', { name: 'Go back' }));
  await waitFor(() => expect(server.sent('POST /api/notebooks/n1/moves/m1/undo')).toHaveLength(1));
});

test('changes the exam at once', async () => {
  const { user, server } = await open({ 'PUT /api/notebooks/n1/exam': {} });
  await user.selectOptions(screen.getByLabelText('Tier'), 'Core');
  await waitFor(() =>
    expect(server.sent('PUT /api/notebooks/n1/exam')).toEqual([{ examYear: 2028, tier: 'CORE' }]),
  );
  await waitFor(() => expect(server.sent('GET /api/notebooks/n1').length).toBeGreaterThan(1));
});

test('adds a point of one’s own under a topic', async () => {
  const { user, server } = await open({ 'PUT /api/notebooks/n1/own-points/*': {} });
  await screen.findByRole('option', { name: '2.3 Echoes' });
  await user.type(screen.getByLabelText('Code'), '2.3x');
  await user.type(screen.getByLabelText('What to know'), 'Echo in our hall');
  await user.click(screen.getByRole('button', { name: 'Add the point' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/notebooks/n1/own-points/*')).toEqual([
      { topic: 't', code: '2.3x', statement: 'Echo in our hall' },
    ]),
  );
});
