import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { version as sent } from '../../test/visit';
import { byListName, dueWords, howFar, listName, versionWords } from './words';

test.each([
  ['2026-11-25', undefined, 'tonight'],
  ['2026-11-25', '16:00:00', 'today by 16:00'],
  ['2026-11-26', '16:00:00', 'tomorrow'],
  ['2026-12-02', undefined, 'in 7 days'],
  ['2026-11-24', undefined, '1 day late'],
  ['2026-10-25', '08:30:00', '31 days late'],
])('says how far off %s at %s is', (due, hour, words) => {
  expect(dueWords({ due, hour }, '2026-11-25')).toBe(words);
});

test('says how many are how far, and leaves out where nobody is', () => {
  const lines = (['IN', 'NOT_BEGUN', 'IN', 'CHECKED'] as const).map((progress) => ({ progress }));
  expect(howFar(lines)).toBe('1 not begun · 2 in · 1 checked');
});

const version = (state: Api['VersionView']['state'], missing: number, more = {}) =>
  sent('v', { version: 2, state, missing, ...more });

test.each([
  [undefined, 'not in yet'],
  [version('WAITING', 0), 'version 2'],
  [version('WAITING', 3), 'version 2, 3 missing'],
  [version('BEING_READ', 1), 'version 2, 1 missing'],
  [version('SENT_BACK', 1), 'sent back'],
  [version('CHECKED', 0), 'checked'],
  [version('WAITING', 0, { purpose: 'DRAFT' }), 'draft 2'],
])('says in a register where a version stands', (latest, words) => {
  expect(versionWords(latest)).toBe(words);
});

test('lists a class by surname, and by the only name where there is one', () => {
  expect(listName('Marlo Quist')).toBe('Quist, M.');
  expect(listName('Ana de la Mere')).toBe('de la Mere, A.');
  expect(listName('Rue')).toBe('Rue');
  const lines = ['Teo Yusk', 'Zed Adewale', 'Ana Marsh'].map((name) => ({
    name,
    student: name,
    title: '',
    late: false,
    changed: false,
    figures: { points: 0, most: 0, chosen: 0, of: 0 },
  }));
  expect(byListName(lines).map((line) => line.name)).toEqual(['Zed Adewale', 'Ana Marsh', 'Teo Yusk']);
});
