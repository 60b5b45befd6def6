import { screen, waitFor, within } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { FREE, refuse, TEACHER, visit, WORK } from '../../test/visit';

const latest = (id: string, state: Api['VersionView']['state']): Api['VersionView'] => ({
  id,
  version: 1,
  state,
  missing: 0,
  remarks: 0,
  sealedAt: '2026-11-20T18:42:00Z',
});
const REGISTER: Api['RegisterView'] = {
  setWork: WORK,
  students: [
    { student: 'a', name: 'Ana Zell', latest: latest('h-zell', 'WAITING') },
    { student: 'b', name: 'Zed Adewale', latest: latest('h-adewale', 'WAITING') },
    { student: 'c', name: 'Hal Marsh' },
  ],
};
const VERSION: Api['SealedView'] = {
  id: 'h-adewale',
  student: 'Zed Adewale',
  title: 'Echoes',
  notebook: 'Physics',
  sectionId: 's1',
  setWork: WORK,
  version: 1,
  versions: [],
  state: 'BEING_READ',
  missing: 1,
  sealedAt: '2026-11-20T18:42:00Z',
  seal: { holds: true, parts: 3, digest: 'ab12', broken: [] },
  reflections: [{ title: 'Week 12', answers: [{ question: 'How?', text: 'So.', words: 1 }], chosen: [] }],
  remarks: [],
  pages: [
    {
      id: 'p1',
      title: 'Timing an echo',
      day: '2026-11-10',
      pattern: FREE,
      entries: [
        {
          id: 'e1',
          zone: 'main',
          kind: 'TYPED',
          pictures: [],
          caption: '',
          codes: ['2.3a'],
          width: 'FULL',
          content: {
            type: 'doc',
            content: [{ type: 'paragraph', content: [{ type: 'text', text: 'An echo.' }] }],
          },
        },
      ],
    },
  ],
};

const open = (version: Partial<Api['SealedView']>, more: Record<string, unknown> = {}) =>
  visit(
    '/set-work/w1/h-adewale',
    {
      'GET /api/set-work/w1/register': REGISTER,
      'GET /api/hand-ins/h-adewale': { ...VERSION, ...version },
      'POST /api/hand-ins/*/*': {},
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
  expect(names).toEqual(['Adewale, Z.', 'Zell, A.', 'All set work']);
  expect(panel.textContent).toContain('Not in yetMarsh, H.');
  expect(screen.getByText('2 wait to be read. Choose one at the left.')).toBeTruthy();
});

test('tells the student that it is being read by opening it, once', async () => {
  const { server } = await open({ state: 'WAITING' });
  await waitFor(() => expect(server.sent('POST /api/hand-ins/h-adewale/open')).toHaveLength(1));
});

test('shows what was sealed, with what it was sent without', async () => {
  await open({});
  expect(screen.getByText('An echo.')).toBeTruthy();
  expect(screen.getByText(/it was sent with 1 missing/)).toBeTruthy();
  expect(screen.getByText('seal holds').title).toBe('3 parts, SHA-256 ab12');
});

test('says which part broke a seal', async () => {
  await open({ seal: { holds: false, parts: 3, digest: 'ab12', broken: ['pages/1.json'] } });
  expect(screen.getByText('seal is broken: pages/1.json')).toBeTruthy();
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

test('puts a remark on an entry and types no key into the school’s decisions', async () => {
  const { user, server } = await open({}, { 'PUT /api/hand-ins/*/remarks/*': {} });
  await user.click(screen.getByRole('button', { name: 'Remark' }));
  await user.type(screen.getByRole('textbox', { name: 'Remark' }), 'by how many?{Enter}');
  await waitFor(() => expect(screen.queryByRole('textbox', { name: 'Remark' })).toBeNull());
  expect(server.sent('PUT /api/hand-ins/*/remarks/*')).toEqual([{ entryId: 'e1', words: 'by how many?' }]);
  expect(server.sent('POST /api/hand-ins/*/*')).toHaveLength(0);
});

test('keeps the words of a remark that the server did not take', async () => {
  const { user } = await open({}, { 'PUT /api/hand-ins/*/remarks/*': refuse(503, 'Try once more.') });
  await user.click(screen.getByRole('button', { name: 'Remark' }));
  await user.type(screen.getByRole('textbox', { name: 'Remark' }), 'Give the figure.{Enter}');
  expect(await screen.findByText('Try once more.')).toBeTruthy();
  expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Remark' }).value).toBe('Give the figure.');
});
