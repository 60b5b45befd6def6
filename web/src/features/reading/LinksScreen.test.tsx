import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { FREE, NOTEBOOK, refuse, section, TEACHER, visit } from '../../test/visit';

const LINK = {
  id: 'l1',
  kind: 'PAGE',
  of: 'p1',
  title: 'Timing an echo',
  reader: 'Gran Quist',
  mail: '',
  lastDay: '2026-12-02',
  word: false,
  mayAnswer: true,
  consent: 'NOT_NEEDED',
  open: true,
  over: false,
  madeAt: '2026-11-24T10:00:00Z',
  opened: 0,
};
const open = (links: unknown[], more: Record<string, unknown> = {}) =>
  visit('/links', { 'GET /api/reader-links': { rule: 'FREE', mailed: true, links }, ...more });

test('says who may read what, whether they did, and what they answered', async () => {
  await open([
    { ...LINK, word: true, mail: 'gran@skerrow.example', opened: 2, openedAt: '2026-11-25T08:00:00Z' },
    { ...LINK, id: 'l2', reader: 'Uncle Fell', open: false, over: true, answer: 'Well timed.' },
  ]);
  const [gran, uncle] = screen.getAllByRole('listitem').slice(-2);
  expect(gran?.textContent).toContain('Timing an echo for Gran Quist');
  expect(gran?.textContent).toMatch(/with a word · sent to gran@skerrow.example · opened 2 times, last/);
  expect(uncle?.textContent).toMatch(/Opens nothing any more · given .* · not opened yet/);
  expect(uncle?.textContent).toContain('Uncle Fell answeredWell timed.');
});

test('takes a link back, and only one that is open', async () => {
  const { user, server } = await open(
    [LINK, { ...LINK, id: 'l2', reader: 'Uncle Fell', open: false, over: true }],
    {
      'DELETE /api/reader-links/l1': {},
    },
  );
  expect(screen.getAllByRole('button', { name: /^Take it back/ })).toHaveLength(1);
  await user.click(screen.getByRole('button', { name: 'Take it back: the link for Gran Quist' }));
  await waitFor(() => expect(server.sent('DELETE /api/reader-links/l1')).toHaveLength(1));
});

test('says so where the school gives none', async () => {
  await visit('/links', { 'GET /api/reader-links': { rule: 'NONE', mailed: false, links: [] } });
  expect(screen.getByText('Your school gives no links to readers outside.')).toBeTruthy();
});

const CONTENTS = {
  'GET /api/notebooks/n1': { notebook: NOTEBOOK, sections: [section('s1', { title: 'Echoes' })], pages: [] },
  'GET /api/notebooks/n1/syllabus': [],
  'GET /api/patterns': { standard: [FREE], own: [] },
  'GET /api/sections/s1/to-cover': [],
  'GET /api/reader-links': { rule: 'FREE', mailed: true, links: [] },
};

test('gives a link to a section, once it is said for whom', async () => {
  const { user, server } = await visit('/n/n1/s/s1', {
    ...CONTENTS,
    'PUT /api/reader-links/*': LINK,
  });
  await user.click(await screen.findByRole('button', { name: 'Link for a reader' }));
  await user.type(await screen.findByLabelText('For whom'), 'Gran Quist');
  await user.click(screen.getByRole('button', { name: 'Make the link' }));
  const address = (await screen.findByLabelText<HTMLInputElement>('The link')).value;
  expect(address).toMatch(/\/reading\/[A-Za-z0-9_-]{32}\/$/);
  expect(server.sent('PUT /api/reader-links/*')).toEqual([
    {
      kind: 'SECTION',
      of: 's1',
      reader: 'Gran Quist',
      lastDay: expect.stringMatching(/^\d{4}-\d\d-\d\d$/),
      mayAnswer: true,
      secret: address.split('/').at(-2),
    },
  ]);
});

test('keeps what was typed when the link could not be made', async () => {
  const { user } = await visit('/n/n1/s/s1', {
    ...CONTENTS,
    'PUT /api/reader-links/*': refuse(409, 'The mail could not be sent just now.'),
  });
  await user.click(await screen.findByRole('button', { name: 'Link for a reader' }));
  await user.type(await screen.findByLabelText('For whom'), 'Gran Quist');
  await user.type(screen.getByLabelText('Their mail address'), 'gran@skerrow.example');
  await user.click(screen.getByRole('button', { name: 'Make the link' }));
  expect((await screen.findByRole('alert')).textContent).toBe('The mail could not be sent just now.');
  expect(screen.getByLabelText<HTMLInputElement>('For whom').value).toBe('Gran Quist');
});

test.each([
  [
    { consent: 'WAITING', open: false, mail: 'gran@skerrow.example' },
    /Waits for a teacher’s yes .* to be sent to gran/,
    1,
  ],
  [{ consent: 'REFUSED', open: false, over: true }, /A teacher said no/, 0],
  [{ consent: 'WAITING', open: false, over: true }, /Opens nothing any more/, 0],
  [{ consent: 'GIVEN' }, /Opens until/, 1],
])('says of %o where it stands', async (more, words, ways) => {
  await open([{ ...LINK, ...more }]);
  expect(screen.getByText('Timing an echo').closest('li')?.textContent).toMatch(words);
  expect(screen.queryAllByRole('button', { name: /^Take it back/ })).toHaveLength(ways);
});

test('says that a teacher has to say yes first', async () => {
  const { user } = await visit('/n/n1/s/s1', {
    ...CONTENTS,
    'GET /api/reader-links': { rule: 'CONSENT', mailed: true, links: [] },
    'PUT /api/reader-links/*': { ...LINK, consent: 'WAITING', open: false, mail: 'gran@skerrow.example' },
  });
  await user.click(await screen.findByRole('button', { name: 'Link for a reader' }));
  await user.type(await screen.findByLabelText('For whom'), 'Gran Quist');
  expect(screen.getByText(/A teacher of yours looks at it and says yes before it opens/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Make the link' }));
  expect(
    await screen.findByText(/It waits for a teacher’s yes, and is sent to gran@skerrow.example then/),
  ).toBeTruthy();
});

const ASKED = {
  id: 'l9',
  student: 'Marlo Quist',
  kind: 'PAGE',
  title: 'Timing an echo',
  reader: 'Gran Quist',
  mail: '',
  lastDay: '2026-12-02',
  word: false,
  mayAnswer: true,
};

test.each([
  ['Yes', 'yes'],
  ['No', 'no'],
])('lets a teacher see what is asked and say %s', async (name, path) => {
  let asked = [ASKED];
  const { user, server } = await visit(
    '/set-work',
    {
      'GET /api/set-work': [],
      'GET /api/set-work/taken-back': [],
      'GET /api/asked-links': () => asked,
      [`POST /api/asked-links/l9/${path}`]: () => {
        asked = [];
      },
    },
    TEACHER,
  );
  expect((await screen.findByRole('link', { name: /^See it/ })).getAttribute('href')).toBe(
    '/api/asked-links/l9/page/',
  );
  expect(screen.getByText('Marlo Quist').closest('li')?.textContent).toContain('they may write one answer');
  await user.click(screen.getByRole('button', { name: `${name}: Timing an echo for Gran Quist` }));
  await waitFor(() => expect(screen.queryByText('Links that wait for your yes')).toBeNull());
  expect(server.sent(`POST /api/asked-links/l9/${path}`)).toHaveLength(1);
});
