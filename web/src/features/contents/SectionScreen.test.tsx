import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';
import { FREE, NOTEBOOK, rows, section, version, visit, WORK } from '../../test/visit';

const POINTS = [
  { point: 'a', code: '2.3a', statement: 'Echo as reflection', isTicked: true, isCovered: true },
  {
    point: 'd',
    code: '2.3d',
    statement: 'Uses of sonar',
    isTicked: true,
    isCovered: false,
    disagreement: 'Ticked, but nothing is notched',
  },
  { point: 'e', code: '2.3e', statement: 'Depth', isTicked: false, isCovered: false },
];
const page = (id: string, day: string) => ({ id, title: id, day, sectionId: 's1', entries: 2, missing: [] });
const PAGES = [page('Lesson 10', '2026-10-01'), page('Lesson 9', '2026-11-01'), page('Echo', '2026-09-01')];
const SECTION = section('s1', { title: 'Echoes', code: '2.3', topics: ['t1'] });

beforeEach(() => localStorage.clear());

const open = (more: Record<string, unknown> = {}, one = SECTION) =>
  visit('/n/n1/s/s1', {
    'GET /api/notebooks/n1': {
      notebook: NOTEBOOK,
      sections: [one, section('s2', { title: 'Light', position: 1 })],
      pages: PAGES,
    },
    'GET /api/notebooks/n1/syllabus': [{ id: 't1', code: '2.3', title: 'Echoes', kind: 'TOPIC' }],
    'GET /api/patterns': { standard: [FREE], own: [] },
    'GET /api/sections/s1/to-cover': POINTS,
    'PUT /api/notebooks/n1/ticks/*': {},
    'DELETE /api/notebooks/n1/ticks/*': {},
    'POST /api/pages/*/place': {},
    'PUT /api/pages/*/copies/*': {},
    'PATCH /api/sections/s1': {},
    'DELETE /api/pages/*': {},
    'POST /api/notebooks/n1/bin/*/restore': {},
    ...more,
  });
const list = (heading: string) =>
  within(screen.getByRole('heading', { name: heading }).closest('section') as HTMLElement).getByRole('list');
const titles = () =>
  screen
    .getAllByRole('button', { name: /^What to do with/ })
    .map((one) => one.getAttribute('aria-label')?.slice('What to do with '.length));

test('says what is covered, what is ticked, and where the two disagree', async () => {
  await open();
  await screen.findByText('1 of 3 notched · 2 ticked by you');
  expect(rows(list('To cover here'))).toEqual([
    '2.3aEcho as reflection',
    '2.3dUses of sonarTicked, but nothing is notched',
    '2.3eDepthbare',
  ]);
});

test('says what is asked for at its topic and is not done', async () => {
  const asked = { ...WORK, hour: '16:00:00' };
  await open({
    'GET /api/hand-ins': [
      { setWork: asked, versions: [version('v1', { state: 'SENT_BACK' })] },
      { setWork: { ...WORK, id: 'w2', title: 'Done' }, versions: [version('v2', { state: 'CHECKED' })] },
      { setWork: { ...WORK, id: 'w3', title: 'Gone', takenBack: true }, versions: [] },
      { setWork: { ...WORK, id: 'w4', title: 'Elsewhere', topic: 't9' }, versions: [] },
    ],
  });
  const line = await screen.findByRole('link', { name: /asks for/ });
  expect(line.textContent).toBe('Ms Tolland asks for Echo practical, due Fri 27 Nov, 16:00');
});

test('ticks and unticks at once', async () => {
  const { user, server } = await open();
  await user.click(await screen.findByLabelText('2.3e: I have this'));
  await user.click(screen.getByLabelText('2.3a: I have this'));
  await waitFor(() => expect(server.sent('DELETE /api/notebooks/n1/ticks/a')).toHaveLength(1));
  expect(server.sent('PUT /api/notebooks/n1/ticks/e')).toHaveLength(1);
});

test('sorts pages as wished and remembers how', async () => {
  const { user } = await open();
  expect(titles()).toEqual(['Lesson 10', 'Lesson 9', 'Echo']);
  await user.selectOptions(screen.getByLabelText('Pages'), 'By title');
  expect(titles()).toEqual(['Echo', 'Lesson 9', 'Lesson 10']);
  expect(localStorage.getItem('notchbook.page-order')).toBe('title');
});

test('moves a page down by the menu, and offers to take it back', async () => {
  const { user, server } = await open();
  await user.click(screen.getByRole('button', { name: 'What to do with Lesson 10' }));
  await user.click(screen.getByRole('menuitem', { name: 'Down' }));
  await waitFor(() =>
    expect(server.sent('POST /api/pages/Lesson 10/place')).toEqual([{ sectionId: 's1', position: 1 }]),
  );
  await user.click(screen.getByRole('button', { name: /^Undo/ }));
  await waitFor(() =>
    expect(server.sent('POST /api/pages/Lesson 10/place').at(-1)).toEqual({ sectionId: 's1', position: 0 }),
  );
});

test('copies a page to another section', async () => {
  const { user, server } = await open();
  await user.click(screen.getByRole('button', { name: 'What to do with Echo' }));
  await user.click(screen.getByRole('menuitem', { name: 'Copy to a section…' }));
  await user.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Light' }));
  await waitFor(() => expect(server.sent('PUT /api/pages/Echo/copies/*')).toEqual([{ sectionId: 's2' }]));
});

test('brings a deleted page back by one key', async () => {
  const { user, server } = await open();
  await user.click(screen.getByRole('button', { name: 'What to do with Echo' }));
  await user.click(screen.getByRole('menuitem', { name: 'Delete' }));
  expect(await screen.findByText('Put “Echo” into the bin')).toBeTruthy();
  await user.keyboard('{Control>}z{/Control}');
  await waitFor(() => expect(server.sent('POST /api/notebooks/n1/bin/Echo/restore')).toHaveLength(1));
});

test('ties a section to topics and exam years', async () => {
  const { user, server } = await open();
  await user.click(screen.getByRole('button', { name: 'Topics and years' }));
  await user.click(screen.getByLabelText('2.3 Echoes'));
  await user.type(screen.getByLabelText('Exam years that need it'), '2029-');
  await user.click(screen.getByRole('button', { name: 'Keep' }));
  await waitFor(() =>
    expect(server.sent('PATCH /api/sections/s1')).toEqual([
      { title: 'Echoes', topics: [], examYears: '2029-' },
    ]),
  );
});

test('says when the exam of this notebook does not need a section', async () => {
  await open({}, { ...SECTION, examYears: '2029-', isNeeded: false });
  expect(screen.getByText('Only exam years 2029- need this; yours is 2028.')).toBeTruthy();
});

test('says in the list what a page has not yet that its pattern asks for', async () => {
  const silent = { ...page('Said aloud', '2026-11-20'), missing: ['“Explain it” has no recording'] };
  await open({
    'GET /api/notebooks/n1': {
      notebook: NOTEBOOK,
      sections: [SECTION],
      pages: [silent, page('Echo', '2026-09-01')],
    },
  });
  expect(screen.getByRole('link', { name: /Said aloud.*“Explain it” has no recording/ })).toBeTruthy();
});
