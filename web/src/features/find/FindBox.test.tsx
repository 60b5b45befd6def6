import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { never, refuse, visit } from '../../test/visit';

const FOUND: Api['FindView'] = {
  points: [{ id: 'a', notebookId: 'n1', notebook: 'Physics', code: '2.3a', statement: 'Echo as reflection' }],
  places: [{ path: '/n/n1/s/s1', title: 'Echoes', where: 'Physics' }],
  entries: [
    {
      id: 'e1',
      pageId: 'p1',
      notebookId: 'n1',
      kind: 'TYPED',
      name: 'An echo',
      excerpt: [
        { text: 'An ', isMatch: false },
        { text: 'echo', isMatch: true },
        { text: ' is <b>sound</b>', isMatch: false },
      ],
      where: 'Physics · Timing',
      day: '2026-11-24',
    },
  ],
  people: [
    {
      path: '/versions/h1',
      name: 'Ms Tolland',
      said: [{ text: 'Which echo?', isMatch: false }],
      where: 'Echo practical, version 1',
    },
  ],
};
const NOTHING: Api['FindView'] = { points: [], places: [], entries: [], people: [] };

/** The screens that a row leads to are only gone to here, not looked at. */
const ELSEWHERE = { 'GET /api/*': never, 'GET /api/*/*': never, 'GET /api/*/*/*': never };

const open = async (found: unknown = FOUND) => {
  const visited = await visit('/collections', {
    'GET /api/collections': [],
    'GET /api/find?*': found,
    ...ELSEWHERE,
  });
  await visited.user.keyboard('/');
  return visited;
};
const type = (words: string) =>
  fireEvent.change(screen.getByRole('combobox', { name: 'What to find' }), { target: { value: words } });
const options = () => screen.findAllByRole('option');

test('says what it looks through before anything is typed, and asks nothing', async () => {
  const { server } = await open();
  expect(screen.getByText(/Everything in your notebooks/)).toBeTruthy();
  expect(server.sent('GET /api/find?*')).toHaveLength(0);
});

test('shows what was found in groups, the match marked, nothing of it as markup', async () => {
  await open();
  type('echo');
  const rows = await options();
  expect(rows.map((row) => row.textContent)).toEqual([
    '2.3aEcho as reflectionPhysics',
    'EchoesPhysics',
    'An echo is <b>sound</b>Physics · Timing · Tue 24 Nov',
    'Ms TollandWhich echo?Echo practical, version 1',
  ]);
  expect(rows[2]?.querySelector('mark')?.textContent).toBe('echo');
  expect(within(screen.getByRole('listbox')).getByText('Entries')).toBeTruthy();
});

test.each([
  ['{Enter}', '/n/n1/needle?nodes=a'],
  ['{ArrowDown}{Enter}', '/n/n1/s/s1'],
  ['{ArrowDown}{ArrowDown}{Enter}', '/n/n1/p/p1?entry=e1'],
  ['{ArrowDown}{ArrowDown}{ArrowDown}{ArrowDown}{Enter}', '/versions/h1'],
  ['{ArrowDown}{ArrowUp}{ArrowUp}{Enter}', '/n/n1/needle?nodes=a'],
])('goes where the marked row leads: %s', async (keys, place) => {
  const { user, router } = await open();
  type('echo');
  await options();
  await user.keyboard(keys);
  await waitFor(() => {
    const { pathname, search } = router.state.location;
    expect(pathname + search).toBe(place);
  });
});

test('asks once the fingers rest, not with every letter', async () => {
  const { server } = await open();
  for (const words of ['e', 'ec', 'ech', 'echo']) type(words);
  await options();
  expect(server.asked.map(({ what }) => what).filter((what) => what.includes('find'))).toEqual([
    'GET /api/find?words=echo',
  ]);
});

test('says when nothing has all the words', async () => {
  await open(NOTHING);
  type('zeppelin');
  expect(await screen.findByText('Nothing of yours has all of these words.')).toBeTruthy();
});

test('says in the server’s words what can’t be looked for', async () => {
  await open(refuse(422, 'Look for a few words, not for a whole text.'));
  type('a whole text');
  expect(await screen.findByText('Look for a few words, not for a whole text.')).toBeTruthy();
});
