import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { FREE, registerLine, TEACHER, visit, WORK } from '../../test/visit';

const MS_TOLLAND = { ...TEACHER, classes: [{ id: 'c1', name: '10B Physics' }] };
const JUDGED: Api['SetWorkView'] = {
  ...WORK,
  asked: { kinds: ['PHOTO'], wordsLeast: 5, wordsMost: 90, withSources: true },
  criteria: [
    {
      name: 'Measures',
      levels: [
        { words: 'once', points: 0 },
        { words: 'often', points: 2 },
      ],
    },
  ],
};
const EDITION = (id: string, topic: string) => ({
  info: { id, code: id, title: 'Waves' },
  nodes: [{ id: topic, kind: 'TOPIC', code: '2.3', title: 'Echoes' }],
});
const PRACTICAL = { ...FREE, name: 'Practical' };
const answers = (setWork: Api['SetWorkView'], students: Api['RegisterLine'][] = []) => ({
  'GET /api/set-work': [{ setWork, students: 12, in: 3, waiting: 1 }],
  'GET /api/set-work/taken-back': [],
  [`GET /api/set-work/${setWork.id}/register`]: {
    to: { classId: 'c1', className: '10B Physics', teacher: 'Ms Tolland', setWork },
    students,
  },
  'GET /api/editions': [
    { id: 'ed0', code: 'NB-1', title: 'Rocks' },
    { id: 'ed1', code: 'NB-412', title: 'Waves' },
  ],
  'GET /api/editions/ed0': EDITION('ed0', 't9'),
  'GET /api/editions/ed1': EDITION('ed1', 't1'),
  'GET /api/classes/c1/groups': {
    className: '10B Physics',
    studentsMayMake: false,
    mayMake: true,
    groups: [{ id: 'g1', name: 'Owls', members: ['rue'], mayChange: true }],
    students: [
      { id: 'marlo', name: 'Marlo Quist' },
      { id: 'rue', name: 'Rue Vanterpool' },
    ],
  },
  'PUT /api/set-work/*': {},
  'PUT /api/set-work/taken-back/*': {},
  'GET /api/patterns': { standard: [FREE], own: [{ id: 'o1', pattern: PRACTICAL }] },
  'DELETE /api/set-work/*': {},
  'DELETE /api/set-work/taken-back/*': {},
});

test('changes what is asked, from what it was', async () => {
  const { user, server } = await visit('/set-work/w1', answers(JUDGED), MS_TOLLAND);
  await user.click(await screen.findByRole('button', { name: 'More about Echo practical' }));
  await user.click(screen.getByRole('menuitem', { name: 'Change what is asked' }));
  const dialog = within(screen.getByRole('dialog', { name: 'Change what is asked' }));
  await waitFor(() => expect(dialog.getByLabelText<HTMLSelectElement>('Topic').value).toBe('t1'));
  const due = dialog.getByLabelText('Due');
  await user.clear(due);
  await user.type(due, '2026-12-04');
  await user.click(dialog.getByRole('button', { name: 'Keep the change' }));
  await waitFor(() => expect(server.sent('PUT /api/set-work/w1')).toHaveLength(1));
  expect(server.sent('PUT /api/set-work/w1')).toEqual([
    {
      classId: 'c1',
      title: 'Echo practical',
      instructions: 'Time an echo.',
      topic: 't1',
      due: '2026-12-04',
      asked: JUDGED.asked,
      criteria: JUDGED.criteria,
      students: [],
      groups: [],
      longer: {},
    },
  ]);
  expect(screen.queryByRole('dialog')).toBeNull();
});

test('takes it back, and asks again by one press', async () => {
  const { user, server } = await visit('/set-work/w1', answers(WORK), MS_TOLLAND);
  await user.click(await screen.findByRole('button', { name: 'More about Echo practical' }));
  await user.click(screen.getByRole('menuitem', { name: 'Take it back' }));
  expect(await screen.findByText('“Echo practical” is taken back')).toBeTruthy();
  expect(server.sent('PUT /api/set-work/taken-back/w1')).toEqual([{ word: '' }]);
  await user.click(screen.getByRole('button', { name: /Undo/ }));
  await waitFor(() => expect(server.sent('DELETE /api/set-work/taken-back/w1')).toHaveLength(1));
});

const BEGUN = [
  registerLine('marlo', 'Marlo Quist', { progress: 'BEGUN' }),
  registerLine('rue', 'Rue Vanterpool', { progress: 'IN' }),
  registerLine('hal', 'Hal Marsh'),
];

test('takes it back with a word to those who have begun', async () => {
  const { user, server } = await visit('/set-work/w1', answers(WORK, BEGUN), MS_TOLLAND);
  expect(await screen.findByText('1 not begun · 1 begun · 1 in')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'More about Echo practical' }));
  await user.click(screen.getByRole('menuitem', { name: 'Take it back' }));
  await user.type(screen.getByLabelText('A word to those who have begun'), 'The hall is closed.');
  await user.click(screen.getByRole('button', { name: 'Take it back' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/set-work/taken-back/w1')).toEqual([{ word: 'The hall is closed.' }]),
  );
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
});

test('asks for it by an hour, on a pattern, and tells those who have begun', async () => {
  const { user, server } = await visit('/set-work/w1', answers(WORK, BEGUN), MS_TOLLAND);
  await user.click(await screen.findByRole('button', { name: 'More about Echo practical' }));
  await user.click(screen.getByRole('menuitem', { name: 'Change what is asked' }));
  const dialog = within(screen.getByRole('dialog', { name: 'Change what is asked' }));
  await waitFor(() => expect(dialog.getByLabelText<HTMLSelectElement>('Topic').value).toBe('t1'));
  await user.type(dialog.getByLabelText('By'), '16:00');
  await user.selectOptions(await dialog.findByLabelText('A page for it begins as'), 'Practical');
  await user.type(dialog.getByLabelText('A word to those who have begun'), 'By four, please.');
  await user.click(dialog.getByRole('button', { name: 'Keep the change' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/set-work/w1')).toMatchObject([
      { hour: '16:00', asked: { pattern: { name: 'Practical' } }, word: 'By four, please.' },
    ]),
  );
});

test('lists what was taken back, with the way to ask again', async () => {
  const gone = { ...WORK, takenBack: true };
  const { user, server } = await visit(
    '/set-work',
    { ...answers(WORK), 'GET /api/set-work': [], 'GET /api/set-work/taken-back': [gone] },
    MS_TOLLAND,
  );
  await user.click(await screen.findByRole('button', { name: 'Ask again' }));
  await waitFor(() => expect(server.sent('DELETE /api/set-work/taken-back/w1')).toHaveLength(1));
});

test('asks some of a class, one of them for longer', async () => {
  const { user, server } = await visit('/set-work/w1', answers({ ...WORK, students: ['marlo'] }), MS_TOLLAND);
  await user.click(await screen.findByRole('button', { name: 'More about Echo practical' }));
  await user.click(screen.getByRole('menuitem', { name: 'Change what is asked' }));
  const dialog = within(screen.getByRole('dialog', { name: 'Change what is asked' }));
  await waitFor(() => expect(dialog.getByLabelText<HTMLInputElement>('Marlo Quist').checked).toBe(true));
  await user.click(dialog.getByLabelText('Owls, the group'));
  await user.selectOptions(dialog.getByLabelText('Who has longer'), 'Rue Vanterpool');
  await user.type(dialog.getByLabelText('Due for Rue Vanterpool'), '2026-12-08');
  await waitFor(() => expect(dialog.getByLabelText<HTMLSelectElement>('Topic').value).toBe('t1'));
  await user.click(dialog.getByRole('button', { name: 'Keep the change' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/set-work/w1')).toMatchObject([
      { students: ['marlo'], groups: ['g1'], longer: { rue: '2026-12-08' } },
    ]),
  );
});
