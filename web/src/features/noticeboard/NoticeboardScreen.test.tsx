import { screen, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Api } from '../../api';
import { entry, openPage } from '../../test/openPage';
import { FREE, TEACHER, typed, visit } from '../../test/visit';

const LINE: Api['PieceLine'] = {
  id: 'p1',
  title: 'Twenty claps',
  by: 'Rue Vanterpool',
  isMine: false,
  audience: 'CLASS',
  standing: 'SHOWN',
  words: 'Look at the twenty.',
  teacherWords: '',
  topics: ['2.3 Echoes'],
  kind: 'TYPED',
  firstWords: 'One clap is a guess.',
  day: '2026-11-24',
  week: 12,
};

const SAID: Api['CommentView'] = {
  id: 'k1',
  by: 'Hal Marsh',
  isMine: false,
  words: 'Why twenty?',
  at: '2026-11-24T09:00:00Z',
  isHidden: false,
  isClosed: false,
};

const NOTHING = { say: false, decide: false, hide: false, close: false };

const openBoard = (pieces: Api['PieceLine'][], me?: Api['PersonView']) =>
  visit(
    '/classes/c1/noticeboard',
    {
      'GET /api/classes/c1/noticeboard': { className: '10B Physics', teacherSeesFirst: true, pieces },
      'PUT /api/classes/c1/noticeboard': {},
      'GET /api/set-work': [],
    },
    me,
  );

const openPiece = (
  line: Partial<Api['PieceLine']>,
  may: Partial<Api['MayView']>,
  comments: Api['CommentView'][] = [],
  me?: Api['PersonView'],
) =>
  visit(
    '/classes/c1/noticeboard/p1',
    {
      'GET /api/noticeboard/p1': {
        line: { ...LINE, ...line },
        pages: [
          {
            id: 'page',
            title: 'Timing an echo',
            day: '2026-11-20',
            pattern: FREE,
            entries: [typed('e1', 'One clap is a guess.')],
          },
        ],
        comments,
        may: { ...NOTHING, ...may },
      },
      'PUT /api/noticeboard/p1': {},
      'PUT /api/noticeboard/p1/standing': {},
      'PUT /api/noticeboard/p1/comments/*': {},
      'PUT /api/noticeboard/p1/comments/k1/hidden': {},
      'PUT /api/noticeboard/p1/comments/k1/closed': {},
      'DELETE /api/noticeboard/p1/comments/k1': {},
      'GET /api/set-work': [],
    },
    me,
  );

test('shows what the class shows, by week and by topic, and counts nothing', async () => {
  const { user } = await openBoard([LINE]);
  expect(await screen.findByRole('heading', { name: 'Week 12' })).toBeTruthy();
  expect(screen.getByRole('link', { name: /Twenty claps/ }).getAttribute('href')).toBe(
    '/classes/c1/noticeboard/p1',
  );
  await user.click(screen.getByLabelText('by topic'));
  expect(screen.getByRole('heading', { name: '2.3 Echoes' })).toBeTruthy();
});

test('says what waits for the teacher, who decides whether they see pieces first', async () => {
  const { user, server } = await openBoard([{ ...LINE, standing: 'ASKED' }], TEACHER);
  expect(await screen.findByText(/waits for you/)).toBeTruthy();
  await user.click(screen.getByLabelText('I look at each piece before the class sees it'));
  await waitFor(() =>
    expect(server.sent('PUT /api/classes/c1/noticeboard')).toEqual([{ teacherSeesFirst: false }]),
  );
});

test('lets a teacher show a piece to the class, or say why not yet', async () => {
  const { user, server } = await openPiece({ standing: 'ASKED' }, { decide: true }, [], TEACHER);
  await user.click(await screen.findByRole('button', { name: 'Let the class see it' }));
  await user.click(screen.getByRole('button', { name: 'Not yet' }));
  await user.type(screen.getByLabelText('Why not yet'), 'Name the wall.');
  await user.click(screen.getByRole('button', { name: 'Say not yet' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/noticeboard/p1/standing')).toEqual([
      { standing: 'SHOWN', words: '' },
      { standing: 'NOT_YET', words: 'Name the wall.' },
    ]),
  );
});

test('lets its student take a piece back, and show it as it is now', async () => {
  const mine = { isMine: true, source: { entryId: 'e1' } };
  const { user, server } = await openPiece(mine, { say: true, close: true });
  await user.click(await screen.findByRole('button', { name: 'Take it back' }));
  await user.click(screen.getByRole('button', { name: 'Show it as it is now' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/noticeboard/p1')).toEqual([
      {
        classId: 'c1',
        source: { entryId: 'e1' },
        audience: 'CLASS',
        words: 'Look at the twenty.',
      },
    ]),
  );
  expect(server.sent('PUT /api/noticeboard/p1/standing')).toEqual([{ standing: 'TAKEN_BACK', words: '' }]);
});

test('says something, and answers what another said', async () => {
  const { user, server } = await openPiece({}, { say: true }, [SAID]);
  await user.type(await screen.findByLabelText('Say something about it'), 'I did ten.');
  await user.click(screen.getByRole('button', { name: 'Say it' }));
  expect(await screen.findByText('I did ten.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Answer Hal Marsh: Why twenty?' }));
  await user.type(screen.getByLabelText('Answer to Hal Marsh'), 'The mean is steadier.');
  await user.click(screen.getByRole('button', { name: 'Say it' }));
  await waitFor(() =>
    expect(server.sent('PUT /api/noticeboard/p1/comments/*')).toMatchObject([
      { words: 'I did ten.' },
      { words: 'The mean is steadier.', answerTo: 'k1' },
    ]),
  );
});

test('hides and closes what was said, and takes back one’s own', async () => {
  const { user, server } = await openPiece({}, { say: true, hide: true, close: true }, [SAID], TEACHER);
  await user.click(await screen.findByRole('button', { name: 'Hide Hal Marsh: Why twenty?' }));
  expect(await screen.findByText(/hidden from the class/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Close Hal Marsh: Why twenty?' }));
  expect(await screen.findByText(/· closed/)).toBeTruthy();
  await waitFor(() =>
    expect(server.sent('PUT /api/noticeboard/p1/comments/k1/closed')).toEqual([{ isClosed: true }]),
  );
  expect(server.sent('PUT /api/noticeboard/p1/comments/k1/hidden')).toEqual([{ isHidden: true }]);
});

test('takes a comment back, and says it again', async () => {
  const { user, server } = await openPiece({}, { say: true }, [{ ...SAID, isMine: true }]);
  await user.click(await screen.findByRole('button', { name: 'Take back Hal Marsh: Why twenty?' }));
  await user.click(await screen.findByRole('button', { name: /Undo/ }));
  await waitFor(() => expect(server.sent('DELETE /api/noticeboard/p1/comments/k1')).toHaveLength(1));
  expect(await screen.findByText('Why twenty?')).toBeTruthy();
});

test('shows an entry of a page to the class, with a word along with it', async () => {
  const { user, server } = await openPage([entry('e1', { caption: 'Claps' })], {
    'GET /api/classes/c1/noticeboard': { className: '10B Physics', teacherSeesFirst: true, pieces: [] },
    'PUT /api/noticeboard/*': {},
  });
  await user.click(screen.getByRole('region', { name: /typed entry/ }));
  await user.click(await screen.findByRole('button', { name: 'Show this entry to the class' }));
  await user.type(screen.getByLabelText(/What to look at/), 'The mean.');
  await user.click(screen.getByRole('button', { name: 'Show it' }));
  expect(await screen.findByText(/Your teacher looks at it first/)).toBeTruthy();
  expect(server.sent('PUT /api/noticeboard/*')).toEqual([
    { classId: 'c1', source: { entryId: 'e1' }, audience: 'CLASS', words: 'The mean.' },
  ]);
});
