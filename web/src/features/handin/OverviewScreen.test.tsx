import { screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { TEACHER, visit, WORK } from '../../test/visit';

const OVERVIEW: Api['OverviewView'] = {
  works: [WORK, { ...WORK, id: 'w2', title: 'Ray diagrams', due: '2026-12-04' }],
  students: [
    {
      student: 'a',
      name: 'Ana Zell',
      classId: 'c1',
      cells: [{ setWork: 'w1', handIn: 'h1', state: 'WAITING', version: 2, late: true }],
      notAsked: [],
    },
    { student: 'b', name: 'Zed Adewale', classId: 'c1', cells: [], notAsked: ['w2'] },
  ],
};
const MS_TOLLAND = { ...TEACHER, classes: [{ id: 'c1', name: '10B Physics' }] };

test('sets every student against all set work, by surname', async () => {
  await visit('/register', { 'GET /api/register': OVERVIEW }, MS_TOLLAND);
  const rows = [...document.querySelectorAll('tbody tr')].map((row) =>
    [...row.children].map((cell) => cell.textContent),
  );
  expect(rows).toEqual([
    ['Adewale, Z.', '–', 'not asked'],
    ['Zell, A.', 'waiting to be read (2) late', '–'],
  ]);
  const way = screen.getByRole('link', { name: /waiting to be read/ });
  expect(way.getAttribute('href')).toBe('/set-work/w1/h1');
});

test('says what to do where nothing was set', async () => {
  await visit('/register', { 'GET /api/register': { works: [], students: [] } }, MS_TOLLAND);
  expect(screen.getByText(/Nothing has been set yet/)).toBeTruthy();
});
