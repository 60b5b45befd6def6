import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import {
  ASKED_BY_TOLLAND,
  FREE,
  NO_NETWORK,
  refuse,
  registerLine,
  SEAL,
  SEALED,
  TEACHER,
  typed,
  version,
  visit,
  WORK,
} from '../../test/visit';

const latest = (id: string, state: Api['VersionView']['state']) => version(id, { state });
const REGISTER: Api['RegisterView'] = {
  to: ASKED_BY_TOLLAND,
  students: [
    registerLine('a', 'Ana Zell', { latest: latest('h-zell', 'WAITING') }),
    registerLine('b', 'Zed Adewale', { latest: latest('h-adewale', 'WAITING') }),
    registerLine('c', 'Hal Marsh'),
  ],
};
const VERSION: Api['SealedView'] = {
  ...SEALED,
  id: 'h-adewale',
  student: 'Zed Adewale',
  state: 'BEING_READ',
  missing: 1,
  reflections: [
    { title: 'Week 12', answers: [{ question: 'How?', text: 'So.', words: 1, shown: [] }], chosen: [] },
  ],
  pages: [
    {
      id: 'p1',
      title: 'Timing an echo',
      day: '2026-11-10',
      pattern: FREE,
      entries: [typed('e1', 'An echo.')],
    },
  ],
};

const open = (sealed: Partial<Api['SealedView']>, more: Record<string, unknown> = {}) =>
  visit(
    '/set-work/w1/h-adewale',
    {
      'GET /api/set-work/w1/register': REGISTER,
      'GET /api/hand-ins/h-adewale': { ...VERSION, ...sealed },
      'GET /api/hand-ins/*/seal': SEAL,
      'POST /api/hand-ins/*/*': {},
      'GET /api/stock-remarks': [],
      'GET /api/hand-ins/h-zell': { ...VERSION, id: 'h-zell' },
      ...more,
    },
    TEACHER,
  );

test('lists who is in and who is not, by surname', async () => {
  await visit('/set-work/w1', { 'GET /api/set-work/w1/register': REGISTER }, TEACHER);
  const panel = screen.getByRole('navigation', { name: 'Contents' });
  const names = within(panel)
    .getAllByRole('link')
    .map((link) => link.firstChild?.textContent);
  expect(names).toEqual(['Echo practical', 'Adewale, Z.', 'Zell, A.', 'All set work']);
  expect(panel.textContent).toContain('Not in yetMarsh, H.');
  expect(screen.getByText('2 versions to read')).toBeTruthy();
});

test('tells the student that it is being read by opening it, once', async () => {
  const { server } = await open({ state: 'WAITING' });
  await waitFor(() => expect(server.sent('POST /api/hand-ins/h-adewale/open')).toHaveLength(1));
});

test('shows what was sealed, with what it was sent without', async () => {
  await open({});
  expect(screen.getByText('An echo.')).toBeTruthy();
  expect(screen.getByText(/it was sent with 1 missing/)).toBeTruthy();
  expect((await screen.findByText('seal holds')).title).toBe('3 parts, SHA-256 ab12');
});

test('says which part broke a seal', async () => {
  const broken = { ...SEAL, holds: false, broken: ['pages/1.json'] };
  await open({}, { 'GET /api/hand-ins/*/seal': broken });
  expect(await screen.findByText('seal is broken: pages/1.json')).toBeTruthy();
});

test.each([
  ['y', 'checked'],
  ['b', 'sent-back'],
])('decides by the key %s', async (key, decision) => {
  const { user, server } = await open({});
  await user.keyboard(key);
  await waitFor(() => expect(server.sent(`POST /api/hand-ins/h-adewale/${decision}`)).toHaveLength(1));
});

test('decides nothing on a version that is not open', async () => {
  const { user, server } = await open({ state: 'CHECKED' });
  await user.keyboard('yb');
  expect(server.sent('POST /api/hand-ins/*/*')).toHaveLength(0);
  expect(screen.queryByRole('button', { name: 'Remark' })).toBeNull();
});

test('goes on to the next in the order of the list', async () => {
  const { user, router } = await open({});
  await user.keyboard('{ArrowRight}');
  expect(router.state.location.pathname).toBe('/set-work/w1/h-zell');
});

const said = (server: { sent: (request: string) => unknown[] }) =>
  server.sent('PUT /api/hand-ins/*/remarks/*');

test('puts a remark on an entry by keys alone, and types no key into the school’s decisions', async () => {
  const { user, server } = await open({}, { 'PUT /api/hand-ins/*/remarks/*': {} });
  await user.keyboard('{ArrowDown}w');
  await user.type(screen.getByRole('textbox', { name: 'Remark' }), 'by how many?{Enter}');
  expect(screen.queryByRole('textbox', { name: 'Remark' })).toBeNull();
  expect(screen.getAllByText('by how many?')).toHaveLength(2);
  await waitFor(() =>
    expect(said(server)).toMatchObject([{ anchor: { about: 'ENTRY', entry: 'e1' }, words: 'by how many?' }]),
  );
  expect(server.sent('POST /api/hand-ins/*/*')).toHaveLength(0);
});

test('remarks on a sentence by keys', async () => {
  const { user, server } = await open({}, { 'PUT /api/hand-ins/*/remarks/*': {} });
  await user.keyboard('{ArrowDown}sl');
  await waitFor(() =>
    expect(said(server)).toMatchObject([
      { anchor: { about: 'WORDS', entry: 'e1', from: 0, to: 8, quote: 'An echo.' }, sign: 'LOOK_AGAIN' },
    ]),
  );
});

test('puts a sentence of one’s own in by its digit', async () => {
  const { user, server } = await open(
    {},
    {
      'PUT /api/hand-ins/*/remarks/*': {},
      'GET /api/stock-remarks': [
        { id: 's1', words: 'Say how you know.' },
        { id: 's2', words: 'Units, please.' },
      ],
    },
  );
  await screen.findByText('Units, please.');
  await user.keyboard('2');
  await waitFor(() =>
    expect(said(server)).toMatchObject([{ anchor: { about: 'WHOLE' }, words: 'Units, please.' }]),
  );
});

test('goes back to an earlier remark with one key', async () => {
  const earlier = {
    id: 'r1',
    number: 1,
    version: 1,
    author: 'Ms Tolland',
    at: '2026-11-17T16:05:00Z',
    anchor: { about: 'ENTRY', entry: 'e1' },
    words: 'How many?',
    gist: 'How many?',
    answer: 'Twenty.',
  };
  const { user, server } = await open(
    { version: 2, versions: [version('h-adewale', { version: 2 }), latest('h-0', 'SENT_BACK')] },
    {
      'PUT /api/hand-ins/*/remarks/*': {},
      'GET /api/hand-ins/h-adewale/changes': {
        sinceVersion: 1,
        count: 0,
        entries: [],
        movedPages: [],
        carried: [{ remark: earlier, isTouched: false, anchor: earlier.anchor }],
      },
    },
  );
  expect(await screen.findByText('Nothing changed there. Answer: “Twenty.”')).toBeTruthy();
  await user.keyboard('{ArrowDown}a');
  await waitFor(() => expect(said(server)).toMatchObject([{ sign: 'AGREE', goesBackTo: 'r1' }]));
});

test('stays at the same piece from student to student', async () => {
  const { user, router } = await open({});
  await user.keyboard('{ArrowDown}p{ArrowRight}');
  expect(router.state.location.search).toBe('?piece=2.3a&at=0');
});

test('says why a remark was not taken', async () => {
  const { user } = await open({}, { 'PUT /api/hand-ins/*/remarks/*': refuse(422, 'Choose fewer words.') });
  await user.keyboard('{ArrowDown}a');
  expect(await screen.findByText('Choose fewer words.')).toBeTruthy();
});

test('remarks on the spot of a drawing that is pressed', async () => {
  const drawing = { width: 640, height: 400, strokes: [] };
  const entry = { ...VERSION.pages[0]?.entries[0], id: 'd1', kind: 'INK', caption: 'Path', content: drawing };
  const { user, server } = await open(
    { pages: [{ ...VERSION.pages[0], entries: [entry] }] as never },
    { 'PUT /api/hand-ins/*/remarks/*': {} },
  );
  const surface = screen.getByRole('img', { name: 'Path' }).nextElementSibling as HTMLElement;
  surface.getBoundingClientRect = () => ({ left: 100, top: 50, width: 200, height: 100 }) as DOMRect;
  fireEvent.click(surface, { clientX: 150, clientY: 100 });
  await user.keyboard('l');
  await waitFor(() =>
    expect(said(server)).toMatchObject([
      { anchor: { about: 'SPOT', entry: 'd1', picture: 0, x: 0.25, y: 0.5 }, sign: 'LOOK_AGAIN' },
    ]),
  );
});

test('keeps a new sentence of one’s own, and the order that is wished', async () => {
  const known = { id: 's1', words: 'Say how you know.' };
  const { user, server } = await open(
    {},
    { 'GET /api/stock-remarks': [known], 'PUT /api/stock-remarks': {} },
  );
  await screen.findByText('Say how you know.');
  await user.click(screen.getByRole('button', { name: 'Change' }));
  await user.type(screen.getByLabelText('A new sentence'), 'Units, please.{Enter}');
  await user.click(await screen.findByRole('button', { name: 'Move sentence 2 up' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/stock-remarks').at(-1)).toMatchObject({
      sentences: [{ words: 'Units, please.' }, known],
    }),
  );
});

test('keeps what is said without a network, and sends it when there is one', async () => {
  const put = 'PUT /api/hand-ins/*/remarks/*';
  const { user, server } = await open({}, { [put]: NO_NETWORK });
  await user.keyboard('a');
  await waitFor(() => expect(screen.getAllByText('Agree')).toHaveLength(2));
  await waitFor(() => expect(said(server).length).toBeGreaterThan(0));
  server.answers[put] = {};
  const tries = said(server).length;
  await waitFor(() => expect(said(server)).toHaveLength(tries + 1), { timeout: 10_000 });
  expect(said(server).at(-1)).toMatchObject({ sign: 'AGREE' });
});

const JUDGED = {
  ...WORK,
  criteria: [
    {
      name: 'Measures',
      levels: [
        { words: 'once', points: 0 },
        { words: 'often', points: 4 },
      ],
    },
    {
      name: 'Says how sure',
      levels: [
        { words: 'no', points: 0 },
        { words: 'in figures', points: 3 },
      ],
    },
  ],
};

test('judges by keys: M leads to the criteria, a digit chooses and goes on', async () => {
  const { user, server } = await open({ to: { ...ASKED_BY_TOLLAND, setWork: JUDGED } });
  await user.keyboard('m22');
  await waitFor(() => expect(server.sent('PUT /api/hand-ins/h-adewale/levels/1')).toEqual([{ level: 1 }]));
  expect(server.sent('PUT /api/hand-ins/h-adewale/levels/0')).toEqual([{ level: 1 }]);
  expect(screen.getByText('7 of 7 points')).toBeTruthy();
});

test('looks at a draft and cannot check it', async () => {
  const { user, server } = await open({ purpose: 'DRAFT' });
  expect(screen.queryByRole('button', { name: /^Checked/ })).toBeNull();
  await user.keyboard('y');
  expect(server.sent('POST /api/hand-ins/h-adewale/checked')).toHaveLength(0);
  expect(screen.getByText(/This draft is being read/)).toBeTruthy();
});

test('sends several back in one step, and only those that are open', async () => {
  const students = [
    registerLine('a', 'Ana Zell', { latest: latest('h-zell', 'WAITING'), late: true }),
    registerLine('b', 'Zed Adewale', { latest: latest('h-adewale', 'CHECKED') }),
  ];
  const { user, server } = await visit(
    '/set-work/w1',
    {
      'GET /api/set-work/w1/register': { to: ASKED_BY_TOLLAND, students },
      'POST /api/set-work/w1/sent-back': {},
    },
    TEACHER,
  );
  expect(screen.queryByLabelText('Choose Zed Adewale')).toBeNull();
  await user.click(screen.getByLabelText('Choose Ana Zell'));
  await user.click(screen.getByRole('button', { name: 'Send 1 version back' }));
  await waitFor(() =>
    expect(server.sent('POST /api/set-work/w1/sent-back')).toEqual([{ handIns: ['h-zell'] }]),
  );
});

test('reads what was sent unasked, with what its student asks', async () => {
  const word = 'Is this enough?';
  const to = { ...ASKED_BY_TOLLAND, setWork: undefined };
  await visit(
    '/unasked/c1',
    {
      'GET /api/classes/c1/unasked': {
        to,
        students: [registerLine('a', 'Ana Zell', { latest: version('h-zell', { word }) })],
      },
    },
    TEACHER,
  );
  expect(screen.getByText(word)).toBeTruthy();
  expect(screen.getByText('1 version to read')).toBeTruthy();
  expect(screen.queryByText('Not in yet')).toBeNull();
});
