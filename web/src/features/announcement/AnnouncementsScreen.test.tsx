import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { TEACHER, visit, WORK } from '../../test/visit';

const RULER_WORD: Api['SaidView'] = {
  id: 'a1',
  words: 'Bring a ruler.',
  by: 'Ms Tolland',
  saidAt: '2026-11-24T08:00:00Z',
  readBy: 1,
  unread: ['Hal Marsh', 'Rue Vanterpool'],
  isForSome: false,
};

const open = (said: Api['SaidView'][] = [RULER_WORD]) =>
  visit(
    '/classes/c1/said',
    {
      'GET /api/classes/c1/announcements': { className: '10B Physics', said },
      'GET /api/set-work': [{ setWork: WORK, in: 0, waiting: 0, students: 3 }],
      'PUT /api/classes/c1/announcements/*': {},
      'DELETE /api/classes/c1/announcements/a1': {},
    },
    TEACHER,
  );

test('says who has not read it yet', async () => {
  const { user } = await open();
  await user.click(await screen.findByText('1 of 3 have read it'));
  expect(screen.getByText('Not yet: Hal Marsh, Rue Vanterpool')).toBeTruthy();
});

test('says something about what was set', async () => {
  const { user, server } = await open([]);
  await user.type(await screen.findByLabelText('What you say to the class'), 'Two claps are not enough.');
  await user.selectOptions(screen.getByLabelText('What it is about'), 'Echo practical');
  await user.click(screen.getByRole('button', { name: 'Say it' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/classes/c1/announcements/*')).toEqual([
      { words: 'Two claps are not enough.', setWork: 'w1' },
    ]),
  );
});

test('takes a word back, and says it again', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByRole('button', { name: 'Take back: Bring a ruler.' }));
  await user.click(await screen.findByRole('button', { name: /Undo/ }));
  await waitFor(() =>
    expect(server.sent('PUT /api/classes/c1/announcements/a1')).toEqual([{ words: 'Bring a ruler.' }]),
  );
});

test('changes a word, which nobody has read then', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByRole('button', { name: 'Change: Bring a ruler.' }));
  expect(screen.getByText('If you change it, nobody has read it.')).toBeTruthy();
  await user.type(screen.getAllByLabelText('What you say to the class')[0] as HTMLElement, ' And a torch.');
  await user.click(screen.getByRole('button', { name: 'Say it like this' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/classes/c1/announcements/a1')).toEqual([
      { words: 'Bring a ruler. And a torch.' },
    ]),
  );
});

test('says of a word to those who had begun who has read it', async () => {
  await open([{ ...RULER_WORD, unread: [], isForSome: true }]);
  expect(await screen.findByText('1 of the 1 who had begun have read it')).toBeTruthy();
});
