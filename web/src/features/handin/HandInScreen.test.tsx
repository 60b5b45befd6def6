import { screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import {
  ASKED_BY_TOLLAND,
  FREE,
  NOTEBOOK,
  refuse,
  rows,
  section,
  version,
  visit,
  WORK,
} from '../../test/visit';

const READY: Api['ReadyView'] = {
  title: 'Echoes',
  notebookId: 'n1',
  picked: { section: 's1', pages: [] },
  to: ASKED_BY_TOLLAND,
  choices: [WORK],
  classmates: [{ id: 'lin', name: 'Lin Tamsey' }],
  handIn: { canSeal: true, version: 2 },
  draft: { canSeal: true, version: 1 },
  missing: 0,
  lines: [],
  pages: 2,
  photos: 1,
  drawings: 0,
  recordings: 1,
  bytes: 620_000,
  fittedBytes: 620_000,
};
const LINES: Api['LineView'][] = [
  { outcome: 'BLOCKS', words: '2.3d has nothing notched', mend: { code: '2.3d', point: 'p4', fit: false } },
  { outcome: 'BLOCKS', words: 'Week 12, third prompt: 0 words', mend: { week: 12, fit: false } },
  { outcome: 'WARNS', words: '“Wall” is notched nowhere', mend: { page: 'p2', entry: 'e7', fit: false } },
  { outcome: 'PASSES', words: 'No empty entries', mend: { fit: false } },
];

const open = (ready: Partial<Api['ReadyView']>, more: Record<string, unknown> = {}) =>
  visit('/n/n1/s/s1/hand-in', {
    'GET /api/notebooks/n1': {
      notebook: NOTEBOOK,
      sections: [section('s1')],
      pages: ['p1', 'p2'].map((id) => ({
        id,
        title: id,
        sectionId: 's1',
        day: '2026-11-24',
        entries: 1,
        missing: [],
      })),
    },
    'GET /api/readiness': { ...READY, ...ready },
    ...more,
  });
const button = (name: RegExp) => screen.queryByRole<HTMLButtonElement>('button', { name });

test('leads from each line to the place that mends it', async () => {
  await open({ lines: LINES, missing: 2 });
  const ways = screen
    .getAllByRole('link')
    .filter((link) => /^(Go to|Write on|See it)/.test(link.textContent ?? ''))
    .map((link) => [link.textContent, link.getAttribute('href')]);
  expect(ways).toEqual([
    ['Go to 2.3d', '/n/n1/p/p2?point=2.3d'],
    ['Write on', '/n/n1/reflections/12'],
    ['See it', '/n/n1/p/p2?entry=e7'],
  ]);
});

test('tells missing, doubtful and fine apart by more than colour', async () => {
  await open({ lines: LINES, missing: 2 });
  expect(screen.getAllByRole('img', { name: 'missing' })).toHaveLength(2);
  expect(screen.getAllByRole('img', { name: 'look at this' })).toHaveLength(1);
  expect(screen.getAllByRole('img', { name: 'fine' })).toHaveLength(1);
});

test('seals nothing with something missing but by the student’s own word', async () => {
  const { user, server } = await open(
    { lines: LINES, missing: 2 },
    { 'PUT /api/hand-ins/*': refuse(409, 'Ms Tolland is reading it just now.') },
  );
  expect(button(/^Seal version 2/)?.disabled).toBe(true);
  await user.click(button(/^Send with 2 things missing/) as HTMLElement);
  await waitFor(() =>
    expect(server.sent('PUT /api/hand-ins/*')).toEqual([
      {
        picked: { section: 's1', pages: [] },
        setWorkId: 'w1',
        purpose: 'HAND_IN',
        with: [],
        words: '',
        along: { marks: false, cues: false, earlier: false, lookBacks: false },
        fitted: false,
        withMissing: true,
      },
    ]),
  );
  expect(await screen.findByText('Ms Tolland is reading it just now.')).toBeTruthy();
});

test('seals a section that is ready in one step', async () => {
  const { user, server } = await open({}, { 'PUT /api/hand-ins/*': refuse(500, 'Later.') });
  expect(button(/missing/)).toBeNull();
  await user.click(button(/^Seal version 2/) as HTMLElement);
  await waitFor(() => expect(server.sent('PUT /api/hand-ins/*')).toMatchObject([{ withMissing: false }]));
});

test('offers no second seal while a version is with the teacher', async () => {
  await open({ handIn: { canSeal: false, version: 2, last: version('v1') } });
  expect(button(/Seal/)).toBeNull();
  expect(screen.getByText(/Version 1 is waiting to be read/)).toBeTruthy();
  expect(screen.getByRole('link', { name: /take it back/ }).getAttribute('href')).toBe('/versions/v1');
});

test('has a draft looked at, however unfinished', async () => {
  const { user, server } = await open(
    { lines: LINES, missing: 2 },
    { 'PUT /api/hand-ins/*': refuse(500, 'Later.') },
  );
  await user.type(screen.getByLabelText('A word to Ms Tolland'), 'Is this enough?');
  await user.click(button(/^Somebody made it with me/) as HTMLElement);
  await user.click(screen.getByLabelText('Lin Tamsey'));
  await user.click(screen.getByLabelText(/^Your cues/));
  await user.click(button(/^Send a draft/) as HTMLElement);
  await waitFor(() =>
    expect(server.sent('PUT /api/hand-ins/*')).toMatchObject([
      {
        purpose: 'DRAFT',
        words: 'Is this enough?',
        with: ['lin'],
        along: { marks: false, cues: true, earlier: false, lookBacks: false },
      },
    ]),
  );
});

test('makes fit in one press what is too large, and then has nothing missing', async () => {
  const large: Api['LineView'] = { outcome: 'BLOCKS', words: 'Too large to send', mend: { fit: true } };
  await open({ lines: [large], missing: 1, bytes: 120_000_000, fittedBytes: 90_000_000 });
  expect(button(/^Seal version 2/)?.disabled).toBe(true);
  await userEvent.click(button(/^Make it fit/) as HTMLElement);
  expect(button(/^Seal version 2/)?.disabled).toBe(false);
  expect(screen.getByText(/90.0 of 100 MB/)).toBeTruthy();
});

test('shows the work as its reader will see it', async () => {
  const text = (words: string) => ({
    type: 'doc',
    content: [{ type: 'paragraph', content: [{ type: 'text', text: words }] }],
  });
  const entry = {
    id: 'e1',
    zone: 'main',
    kind: 'TYPED',
    pictures: [],
    caption: '',
    codes: [],
    width: 'FULL',
    content: text('An echo comes back.'),
    marks: [{ name: 'Key', words: 'comes back' }],
    earlier: [{ savedAt: '2026-11-09T10:00:00Z', content: text('An echo is a sound.') }],
  };
  const pages = [{ id: 'p1', title: 'Timing an echo', day: '2026-11-10', pattern: FREE, entries: [entry] }];
  const { user } = await open({}, { 'GET /api/readiness/preview': { pages, reflections: [] } });
  await user.click(button(/^See it as Ms Tolland will/) as HTMLElement);
  expect(await screen.findByRole('heading', { name: 'Timing an echo' })).toBeTruthy();
  expect(screen.getByRole('list', { name: 'Marks' }).textContent).toBe('Key “comes back”');
  await user.click(screen.getByText('What was typed before (1)'));
  expect(screen.getByText('An echo is a sound.')).toBeTruthy();
});

test('ticks other pages into the hand-in, in the order of the notebook', async () => {
  const { user, router } = await open({});
  await user.click(button(/^Choose other pages/) as HTMLElement);
  await user.click(screen.getByRole('checkbox', { name: /^p1/ }));
  expect(router.state.location.search).toBe('?pages=p2');
});

test('says what goes out', async () => {
  await open({});
  expect(screen.getByText('2 pages, 1 photo, 0 drawings, 1 recording')).toBeTruthy();
  expect(screen.getByText(/0.6 of 100 MB/)).toBeTruthy();
});

test('lists everything that was asked with its versions', async () => {
  const versions = [version('v1', { state: 'SENT_BACK', missing: 1, remarks: 2 })];
  await visit('/hand-ins', {
    'GET /api/hand-ins': [{ setWork: WORK, versions, picked: { section: 's1', pages: [] } }],
  });
  expect(rows(document.querySelector('#screen') as HTMLElement)[0]).toContain('sent back with 2 remarks');
  expect(screen.getByRole('link', { name: 'Check and hand in' }).getAttribute('href')).toBe(
    '/hand-in?section=s1&setWork=w1',
  );
});
