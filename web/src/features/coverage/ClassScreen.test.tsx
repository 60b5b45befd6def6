import { screen, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { TEACHER, visit } from '../../test/visit';

const point = (code: string, bareFor: number, isLate: boolean): Api['ClassPointView'] => ({
  id: code,
  code,
  statement: `About ${code}`,
  topicCode: code.slice(0, 3),
  topic: 'Echoes',
  bareFor,
  isLate,
});
const SEEN: Api['ClassCoverageView'] = {
  name: '10B Physics',
  edition: 'NB-412 Waves',
  points: [point('2.3a', 1, true), point('2.3b', 2, true), point('2.4a', 2, false)],
  students: [
    { id: 's1', name: 'Anton Ode', marksCovered: 0.6, bare: 2, late: 1, kinds: '200' },
    { id: 's2', name: 'Bea Lund', marksCovered: 0, bare: 3, late: 2, kinds: '000' },
    { id: 's3', name: 'Cleo Wray', marksCovered: 0, bare: 0, late: 0 },
  ],
};
const open = (more: Record<string, unknown> = {}) =>
  visit('/classes/c1', { 'GET /api/classes/c1/coverage': SEEN, ...more }, TEACHER);
const names = () => screen.getAllByRole('rowheader').map((name) => name.textContent);

test('puts first who needs help, and says of whom there is nothing', async () => {
  const { user } = await open();
  expect(names()).toEqual(['Bea Lund', 'Anton Ode', 'Cleo Wray']);
  expect(
    within(screen.getByRole('row', { name: /Cleo/ })).getByText('no notebook for this class'),
  ).toBeTruthy();
  expect(screen.getByRole('img', { name: '3 points bare, of these late: 2.3a, 2.3b' })).toBeTruthy();
  await user.click(screen.getByRole('radio', { name: 'by name' }));
  expect(names()).toEqual(['Anton Ode', 'Bea Lund', 'Cleo Wray']);
});

test('says what most are missing although it was done', async () => {
  await open();
  const missed = screen.getByRole('heading', { name: /still bare for most/ }).closest('section');
  expect([...(missed?.querySelectorAll('li') ?? [])].map((row) => row.textContent)).toEqual([
    '2.3bAbout 2.3b2 of 2',
    '2.3aAbout 2.3a1 of 2',
  ]);
});

test('leads down to one student, without their work', async () => {
  const coverage = {
    marksCovered: 0.6,
    pointsBare: 2,
    topicsBehind: 1,
    why: { marksCovered: [], pointsBare: [], topicsBehind: [] },
    weeks: 36,
    week: 12,
    units: [{ id: 'u', code: '2', title: 'Sound', weight: 1 }],
    topics: [
      {
        id: 't',
        unit: 'u',
        code: '2.3',
        title: 'Echoes',
        weight: 1,
        points: [
          {
            ...point('2.3a', 0, false),
            weight: 1,
            tier: 'CORE',
            origin: 'EDITION',
            isCovered: true,
            kinds: ['TYPED'],
          },
        ],
        evidence: [{ entry: 'e', kind: 'TYPED', day: '2026-11-24', week: 12 }],
        standing: 'One kind only',
        tone: 'SOON',
        isRevisitDue: false,
        why: [],
      },
    ],
    next: [],
    progress: [],
    forecast: { pacePerWeek: 0, weeksLeft: 0 },
  };
  const { user, router } = await open({
    'GET /api/classes/c1/students/s1/coverage': { student: 'Anton Ode', coverage },
  });
  await user.click(screen.getByRole('link', { name: 'Anton Ode' }));
  expect(await screen.findByText('Back to 10B Physics')).toBeTruthy();
  expect(router.state.location.pathname).toBe('/classes/c1/s1');
  await user.click(screen.getByRole('button', { name: /Echoes/ }));
  expect(screen.getByText('About 2.3a')).toBeTruthy();
  expect(screen.queryByRole('link', { name: /2.3a/ })).toBeNull();
  expect(screen.queryByRole('button', { name: /looked at it again/ })).toBeNull();
});
