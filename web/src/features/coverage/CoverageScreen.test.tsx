import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { visit } from '../../test/visit';

const topic = (more: Partial<Api['TopicView']>): Api['TopicView'] => ({
  id: 't1',
  unit: 'u1',
  code: '2.3',
  title: 'Echoes',
  weight: 0.6,
  points: [
    {
      id: 'p1',
      code: '2.3a',
      statement: 'Echo as reflection',
      isCovered: true,
      kinds: ['TYPED'],
      weight: 0.3,
      tier: 'CORE',
      origin: 'EDITION',
    },
    {
      id: 'p2',
      code: '2.3b',
      statement: 'Distance from time',
      isCovered: false,
      kinds: [],
      weight: 0.3,
      tier: 'EXTENDED',
      origin: 'EDITION',
    },
  ],
  evidence: [
    { entry: 'e1', kind: 'TYPED', day: '2026-11-24', week: 12 },
    { entry: 'e2', kind: 'PHOTO', day: '2026-11-24', week: 12 },
    { entry: 'e3', kind: 'TYPED', day: '2026-11-24', week: 12 },
  ],
  plan: { firstWeek: 11, lastWeek: 12 },
  standing: 'This week, 1 bare',
  tone: 'OPEN',
  isRevisitDue: false,
  why: ['This week, 1 bare: 1 of 2 points bare (2.3b), and its plan is for weeks 11 to 12.'],
  ...more,
});
const COVERAGE: Api['CoverageView'] = {
  marksCovered: 0.473,
  pointsBare: 1,
  topicsBehind: 0,
  week: 12,
  weeks: 36,
  units: [{ id: 'u1', code: '2', title: 'Sound', weight: 1 }],
  topics: [topic({})],
  why: { marksCovered: ['1 of 2 points in force.'], pointsBare: ['2.3 Echoes: 2.3b'], topicsBehind: [] },
  progress: [
    { week: 11, covered: 0.3, planned: 0.3 },
    { week: 12, covered: 0.473, planned: 0.6 },
    { week: 13, planned: 0.6 },
  ],
  forecast: { pacePerWeek: 0.03, weeksLeft: 10, atExam: 0.773 },
  next: [{ topic: 't1', code: '2.3', title: 'Echoes', reason: '2.3b has no notes', weight: 0.065 }],
};

const open = (coverage: Partial<Api['CoverageView']>, more: Record<string, unknown> = {}) =>
  visit('/n/n1/coverage', {
    'GET /api/notebooks/n1/coverage': { ...COVERAGE, ...coverage },
    'GET /api/notebooks/n1/needle?*': [],
    'GET /api/notebooks/n1/resources': [],
    ...more,
  });

test.each([
  [0, 'points still bare', 0, 'topics behind the plan'],
  [1, 'point still bare', 1, 'topic behind the plan'],
  [7, 'points still bare', 2, 'topics behind the plan'],
])('says %i %s in a sentence', async (pointsBare, points, topicsBehind, topics) => {
  await open({ pointsBare, topicsBehind });
  expect(screen.getByText(points).previousSibling?.textContent).toBe(String(pointsBare));
  expect(screen.getByText(topics).previousSibling?.textContent).toBe(String(topicsBehind));
  expect(screen.getByText('47 %')).toBeTruthy();
});

test('tells a screen reader the plan and the evidence that the picture shows', async () => {
  await open({});
  expect(
    screen.getByRole('img', { name: 'Echoes: planned for weeks 11 to 12; week 12 typed, photo' }),
  ).toBeTruthy();
  expect(screen.getByRole('img', { name: '1 of 2 points covered' })).toBeTruthy();
});

test('says of a topic with neither that there is neither', async () => {
  await open({ topics: [topic({ plan: undefined, evidence: [] })] });
  expect(screen.getByRole('img', { name: 'Echoes: not planned; 0 entries' })).toBeTruthy();
});

test('opens a topic into its points, each with its way to the needle', async () => {
  const { user } = await open({});
  await user.click(screen.getByRole('button', { name: /Echoes/ }));
  const bare = screen.getByRole('link', { name: /2.3b/ });
  expect(bare.getAttribute('href')).toBe('/n/n1/needle?nodes=p2');
  expect(bare.textContent).toContain('bare');
  expect(screen.getByRole('button', { name: /Echoes/ }).getAttribute('aria-expanded')).toBe('true');
});

test.each([
  ['OVER_SURE', 'Surer than your papers say.'],
  ['UNDER_SURE', 'Better than you think: your papers say so.'],
] as const)('says when a rating and the papers disagree: %s', async (sureness, words) => {
  const { user } = await open({ topics: [topic({ sureness, rating: 3 })] });
  await user.click(screen.getByRole('button', { name: /Echoes/ }));
  expect(screen.getByText(words)).toBeTruthy();
  expect(screen.getByText('You rate it 3 of 4.')).toBeTruthy();
});

test('starts the clock of a revisit again when a topic was looked at', async () => {
  const { user, server } = await open(
    { topics: [topic({ standing: 'Not seen 9 weeks', isRevisitDue: true })] },
    { 'POST /api/notebooks/n1/topics/t1/looked-again': {} },
  );
  await user.click(screen.getByRole('button', { name: /Echoes/ }));
  await user.click(screen.getByRole('button', { name: 'I looked at it again today' }));
  await waitFor(() => expect(server.sent('POST /api/notebooks/n1/topics/t1/looked-again')).toHaveLength(1));
  await waitFor(() => expect(server.sent('GET /api/notebooks/n1/coverage').length).toBeGreaterThan(1));
});

test('shows at most three things to cover next, in their order', async () => {
  const next = ['1.1', '1.2', '1.3', '1.4'].map((code) => ({
    ...(COVERAGE.next[0] as Api['NextView']),
    code,
    topic: code,
  }));
  await open({ next });
  const list = screen.getByRole('list', { name: 'Cover next' });
  expect(
    within(list)
      .getAllByRole('link')
      .map((link) => link.textContent),
  ).toEqual(['1.1 Echoes', '1.2 Echoes', '1.3 Echoes']);
});

test.each([
  [/of the marks/, '1 of 2 points in force.'],
  [/point still bare/, '2.3 Echoes: 2.3b'],
  [/topics behind/, 'None.'],
])('says in one press how a figure came about: %s', async (figure, reason) => {
  const { user } = await open({});
  await user.click(screen.getByRole('button', { name: figure }));
  expect(within(screen.getByRole('list', { name: 'How this came about' })).getByText(reason)).toBeTruthy();
});

test('opens a point into its entries, each with its page', async () => {
  const found = {
    entry: { id: 'e1', kind: 'TYPED', notches: ['p1'] },
    name: 'An echo comes back',
    day: '2026-11-24',
    page: 'Timing an echo',
    section: 'Echoes',
  };
  const { user } = await open({}, { 'GET /api/notebooks/n1/needle?*': [found] });
  await user.click(screen.getByRole('button', { name: /Echoes/ }));
  const entry = await screen.findByRole('link', { name: /An echo comes back/ });
  expect(entry.getAttribute('href')).toBe('/e/e1');
  expect(entry.textContent).toContain('Timing an echo · Tue 24 Nov');
  expect(screen.getByText(/1 of 2 points bare \(2.3b\)/)).toBeTruthy();
});

test('begins a page for what is to be covered next', async () => {
  const { user, router } = await open({}, { 'PUT /api/notebooks/n1/topics/t1/pages/*': { pageId: 'p9' } });
  await user.click(screen.getByRole('button', { name: 'New page for 2.3' }));
  await waitFor(() => expect(router.state.location.pathname).toBe('/n/n1/p/p9'));
});

test('shows which kinds of evidence a topic has none of', async () => {
  const { user } = await open({});
  await user.click(screen.getByRole('radio', { name: 'By kind of evidence' }));
  const cells = within(screen.getByRole('row', { name: /Echoes/ })).getAllByRole('cell');
  expect(cells.slice(0, 5).map((cell) => cell.textContent)).toEqual(['2', '·none', '1', '·none', '·none']);
});

test('shows the marks over time with a forecast that says what it assumes', async () => {
  const { user, router } = await open({});
  await user.click(screen.getByRole('radio', { name: 'Over time' }));
  expect(screen.getByRole('img', { name: 'Marks covered: week 11 30 %, week 12 47 %' })).toBeTruthy();
  expect(
    screen.getByText(
      'If you go on as in the last 6 teaching weeks, 3 % a week, 77 % of the marks have notes by the exam in 10 teaching weeks.',
    ),
  ).toBeTruthy();
  expect(router.state.location.search).toBe('?view=line');
});

test('shows resources with their topic, apart from evidence', async () => {
  const resource = {
    id: 'r1',
    collectionId: 'c1',
    collection: 'Bats',
    kind: 'LINK',
    title: 'How bats hunt',
    notches: ['p2'],
  };
  const { user } = await open({}, { 'GET /api/notebooks/n1/resources': [resource] });
  await user.click(screen.getByRole('button', { name: /Echoes/ }));
  const list = await screen.findByRole('list', { name: 'Resources' });
  expect(list.textContent).toBe('How bats hunt in Bats');
  expect(screen.getByText('bare')).toBeTruthy();
});
