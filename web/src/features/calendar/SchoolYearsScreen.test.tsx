import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { STUDENT, TEACHER, visit } from '../../test/visit';

const YEAR = {
  id: 'y1',
  name: '2026/27',
  firstDay: '2026-09-07',
  lastDay: '2027-07-02',
  weeks: 38,
  terms: [{ name: 'First term', first: '2026-09-07', last: '2026-12-18', weeks: 'weeks 1 to 14' }],
  breaks: [{ name: 'Autumn break', first: '2026-11-02', last: '2026-11-08' }],
};
const open = (person: typeof TEACHER, more: Record<string, unknown> = {}) =>
  visit(
    '/school-years',
    { 'GET /api/school-years': { years: [YEAR], isKept: person === TEACHER }, ...more },
    person,
  );

test('shows a student the year and its breaks', async () => {
  await open(STUDENT);
  expect(screen.getByText(/38 teaching weeks/)).toBeTruthy();
  expect(screen.getByText('Mon 2 Nov to Sun 8 Nov')).toBeTruthy();
  expect(screen.getByText('weeks 1 to 14')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Keep the school year' })).toBeNull();
});

test('lets a teacher choose days without school from a calendar file', async () => {
  const { user, server } = await open(TEACHER, {
    'PUT /api/school-years/y1': {},
    'POST /api/calendar-files': [
      { name: 'Autumn break', first: '2026-11-02', last: '2026-11-08' },
      { name: 'Winter break', first: '2026-12-21', last: '2027-01-03' },
      { name: 'Second term', first: '2027-01-04', last: '2027-07-02' },
      { name: 'Sports day', first: '2027-06-11', last: '2027-06-11' },
    ],
  });
  await user.upload(
    screen.getByLabelText('Calendar file'),
    new File(['x'], 'year.ics', { type: 'text/calendar' }),
  );
  await user.click(await screen.findByRole('checkbox', { name: /Sports day/ }));
  await user.click(screen.getByRole('button', { name: 'Add 2 of them' }));
  await user.click(screen.getByRole('button', { name: 'Keep the school year' }));
  await waitFor(() => expect(server.sent('PUT /api/school-years/y1')).toHaveLength(1));
  expect(server.sent('PUT /api/school-years/y1')[0]).toMatchObject({
    name: '2026/27',
    terms: [{ name: 'First term' }, { name: 'Second term' }],
    breaks: [{ name: 'Autumn break' }, { name: 'Winter break', first: '2026-12-21', last: '2027-01-03' }],
  });
});
