import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { entry, openPage, text } from '../../test/openPage';

const LINES = [
  { kind: 'CUE', entry: 'c1', words: 'Why halve it?' },
  { kind: 'KEY', entry: 'e1', words: 'An echo is reflected.' },
];
const CUES = [
  { cue: 'c1', words: 'Why halve it?', answers: ['e1'], wasKnown: false },
  { cue: 'c2', words: 'What did we see?', answers: ['e1'] },
];

const open = (review: object) =>
  openPage(
    [entry('e1', { content: text('There and back.') })],
    { 'GET /api/pages/p1/review': review, 'POST /api/pages/p1/rounds': {} },
    '?review',
  );

test('folds the page to what was marked', async () => {
  await open({ lines: LINES, cues: [] });
  expect(await screen.findByText('An echo is reflected.')).toBeTruthy();
  expect(screen.queryByText('There and back.')).toBeNull();
});

test('says what to do while there is nothing to fold to', async () => {
  await open({ lines: [], cues: [] });
  expect(await screen.findByText(/Mark what is worth remembering with K/)).toBeTruthy();
});

test('asks cues by keys alone, hides the notes until they are wanted, and keeps how it went', async () => {
  const { user, server } = await open({ lines: LINES, cues: CUES });
  expect(await screen.findByText('2 cues, 1 not known last time.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Ask me' }));
  expect(screen.queryByText('There and back.')).toBeNull();
  await user.keyboard('y');
  expect(screen.getByText(/^1 of 2/)).toBeTruthy();
  await user.keyboard(' ');
  expect(screen.getByText('There and back.')).toBeTruthy();
  await user.keyboard('y');
  await user.keyboard(' ');
  await user.keyboard('n');
  expect(await screen.findByText('1 of 2 known.')).toBeTruthy();
  await waitFor(() =>
    expect(server.sent('POST /api/pages/p1/rounds')).toEqual([
      {
        asked: [
          { cue: 'c1', isKnown: true },
          { cue: 'c2', isKnown: false },
        ],
      },
    ]),
  );
});
