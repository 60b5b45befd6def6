import { screen, waitFor, within } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import type { Api } from '../../api';
import { refuse, rows, version, visit, WORK } from '../../test/visit';

const WEEK: Api['WeekView'] = {
  monday: '2026-11-23',
  number: 12,
  days: [
    { day: '2026-11-23', made: [] },
    {
      day: '2026-11-24',
      made: [
        {
          notebookId: 'n1',
          page: 'Timing an echo',
          work: {
            id: 'e1',
            kind: 'RECORDING',
            name: 'Clapping',
            words: '',
            peaks: [10, 90, 20],
            seconds: 7,
            pageId: 'p1',
          },
        },
      ],
    },
  ],
  intentions: [],
  tasks: [],
  next: [],
  unfiled: [],
};

const asked = (
  title: string,
  due: string,
  versions: Partial<Api['VersionView']>[] = [],
): Api['AskedView'] => ({
  setWork: { ...WORK, id: title, title, due, instructions: '' },
  versions: versions.map((more) => version(`${title}-1`, more)),
});

const open = (week: Partial<Api['WeekView']>, more: Record<string, unknown> = {}) =>
  visit('/week/2026-11-23', { 'GET /api/weeks/2026-11-23': { ...WEEK, ...week }, ...more });

const card = (title: string) =>
  screen.getByRole('heading', { name: title }).closest('section') as HTMLElement;

test('says what is not there rather than leaving a gap', async () => {
  await open({});
  expect(card('Due').textContent).toContain('Nothing is due.');
  expect(card('Cover next').textContent).toContain('Nothing is bare');
  expect(card('Not filed yet').textContent).toContain('Everything you made is notched somewhere.');
});

test('says what the last sheets meant to do, and nothing where they meant nothing', async () => {
  await open({ intentions: [{ notebookId: 'n1', notebook: 'Physics', words: 'Time twenty claps' }] });
  expect(card('You meant to').textContent).toContain('Time twenty claps · Physics');
  document.body.replaceChildren();
  await open({});
  expect(screen.queryByRole('heading', { name: 'You meant to' })).toBeNull();
});

test.each([
  [{ number: 12 }, 'Week 12'],
  [{ number: undefined, breakName: 'Winter break' }, 'Winter break'],
  [{ number: undefined }, 'Outside the school year'],
])('is called by its number, its break, or neither', async (week, name) => {
  expect((await open(week)).heading.textContent).toBe(name);
});

test('leads from a thing that was made to its place on its page', async () => {
  await open({});
  expect(screen.getByRole('link', { name: /Clapping/ }).getAttribute('href')).toBe('/n/n1/p/p1?entry=e1');
});

test('lists what is due by its day and leaves out what is with the teacher', async () => {
  await open(
    {},
    {
      'GET /api/hand-ins': [
        asked('Coast walk', '2026-12-02'),
        asked('Read already', '2026-11-26', [{ state: 'CHECKED' }]),
        asked('On its way', '2026-11-26', [{ state: 'WAITING' }]),
        asked('Echo practical', '2026-11-25', [{ state: 'SENT_BACK', remarks: 1 }]),
      ],
    },
  );
  await screen.findByText(/Coast walk/);
  expect(rows(card('Due'))).toEqual([
    'Wed 25 NovEcho practical, for Ms Tolland: sent backtonight',
    'Wed 2 DecCoast walk, for Ms Tolland: not handed inin 7 days',
  ]);
  expect(card('Back from Ms Tolland').textContent).toContain('sent back with 1 remark.');
});

test.each([
  ['/week/nonsense', /There is no such week/],
  ['/weeks-and-weeks', /nothing at this address/],
])('says at %s that nothing is there, and why', async (path, why) => {
  // React reports what its boundary caught.
  const reported = vi.spyOn(console, 'error').mockImplementation(() => {});
  const { heading } = await visit(path, {
    'GET /api/weeks/nonsense': refuse(404, 'There is no such week. Choose one on the ruler.'),
  });
  expect(heading.textContent).toBe('Nothing here');
  expect(screen.getByText(why)).toBeTruthy();
  reported.mockRestore();
});

test('shows the ruler with each week named, this one current, a break by its name', async () => {
  await open({});
  const ruler = await screen.findByRole('navigation', { name: 'Weeks of the school year' });
  const links = within(ruler).getAllByRole('link');
  expect(links.map((link) => link.title)).toEqual([
    'Week 11, from Mon 16 Nov: 3 things made',
    'Week 12, from Mon 23 Nov: 1 thing made',
    'Winter break, from Mon 30 Nov: 0 things made',
  ]);
  expect(links.map((link) => link.getAttribute('aria-current'))).toEqual([null, 'date', null]);
});

test('shows what was said to the class until it is read', async () => {
  const word = (id: string, saidAt: string, isRead: boolean): Api['HeardView'] => ({
    id,
    words: `Words of ${id}`,
    by: 'Ms Tolland',
    className: '10B Physics',
    saidAt,
    isRead,
  });
  const { user, server } = await open(
    {},
    {
      'GET /api/announcements': [
        word('now', '2026-11-24T08:00:00Z', false),
        word('before', '2026-11-10T08:00:00Z', true),
        word('missed', '2026-11-09T08:00:00Z', false),
        word('heard', '2026-11-23T08:00:00Z', true),
      ],
      'PUT /api/announcements/now/read': {},
    },
  );
  expect(await screen.findByText('Words of now')).toBeTruthy();
  expect(rows(card('From your teachers')).map((row) => row?.slice(0, 12))).toEqual([
    'Words of now',
    'Words of mis',
    'Words of hea',
  ]);
  await user.click(screen.getByRole('button', { name: 'I have read it: Words of now' }));
  expect(screen.queryByRole('button', { name: 'I have read it: Words of now' })).toBeNull();
  await waitFor(() => expect(server.sent('PUT /api/announcements/now/read')).toHaveLength(1));
});
