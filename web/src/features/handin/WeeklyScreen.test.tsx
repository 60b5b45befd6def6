import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { TEACHER, version, visit } from '../../test/visit';

const line = (name: string, more: Partial<Api['SheetOfStudent']> = {}): Api['SheetOfStudent'] => ({
  student: name,
  name,
  isWritten: false,
  words: 0,
  met: 0,
  prompts: 3,
  letGo: false,
  ...more,
});
const register = (more: Partial<Api['WeeklyRegisterView']> = {}): Api['WeeklyRegisterView'] => ({
  week: 12,
  monday: '2026-11-23',
  isRead: false,
  weeks: [12, 11],
  students: [
    line('Marlo Quist', { isWritten: true, words: 132, met: 2, handedIn: version('v1') }),
    line('Ines Abel', { letGo: true }),
    line('Odd Berg', { prompts: 0 }),
    line('Ada Nu'),
  ],
  ...more,
});

const open = (more: Partial<Api['WeeklyRegisterView']> = {}) =>
  visit('/classes/c1/sheets', {
    'GET /api/me': { person: { ...TEACHER, classes: [{ id: 'c1', name: '10B Physics' }] } },
    'GET /api/classes/c1/sheets': register(more),
  });

test('says of each student how far the sheet is, by name', async () => {
  await open();
  const table = screen.getByRole('table');
  const cells = [...table.querySelectorAll('tbody tr')].map((row) =>
    [...row.children].map((cell) => cell.textContent),
  );
  expect(cells).toEqual([
    ['Ines Abel', 'let go', '', '', ''],
    ['Odd Berg', 'no notebook for this class', '', '', ''],
    ['Ada Nu', 'not yet', '', '', ''],
    ['Marlo Quist', 'written', '132', '2 of 3', 'waiting to be read'],
  ]);
  expect(screen.getByText(/1 of 4 have written/)).toBeTruthy();
});

test('leads to a sheet that was handed in, and to no other', async () => {
  await open();
  const links = screen.getAllByRole('link').map((link) => link.getAttribute('href'));
  expect(links.filter((href) => href?.startsWith('/unasked/c1/'))).toEqual(['/unasked/c1/v1']);
});

test.each([
  [false, /theirs until they hand it in/],
  [true, /handed in by themselves when the week is over/],
])('says who reads them (%s)', async (isRead, words) => {
  await open({ isRead });
  expect(screen.getByText(words)).toBeTruthy();
});

test('goes to another week', async () => {
  const { user, server } = await open();
  await user.selectOptions(screen.getByLabelText('Week'), '11');
  await waitFor(() => expect(server.sent('GET /api/classes/c1/sheets?week=11')).toHaveLength(1));
});
