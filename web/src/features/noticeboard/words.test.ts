import { expect, test } from 'vitest';
import type { Comment, Line } from './queries';
import { grouped, standingWords, talks } from './words';

const line = (id: string, more: Partial<Line> = {}): Line => ({
  id,
  title: id,
  by: 'Rue Vanterpool',
  isMine: false,
  audience: 'CLASS',
  standing: 'SHOWN',
  words: '',
  teacherWords: '',
  topics: [],
  kind: 'TYPED',
  firstWords: '',
  day: '2026-11-24',
  ...more,
});

test.each<[Partial<Line>, string]>([
  [{}, ''],
  [{ isMine: true }, ''],
  [{ standing: 'ASKED', isMine: true }, 'your teacher looks at it first'],
  [{ standing: 'ASKED' }, 'waits for you'],
  [{ standing: 'NOT_YET', isMine: true }, 'not yet'],
  [{ audience: 'TEACHER', isMine: true }, 'only your teacher sees it'],
  [{ audience: 'TEACHER' }, 'only you see it'],
  [{ standing: 'TAKEN_BACK', isMine: true, audience: 'TEACHER' }, 'taken back, only you see it'],
])('says where a piece stands to whoever reads it: %o', (more, words) => {
  expect(standingWords(line('a', more))).toBe(words);
});

test('puts pieces under their weeks in the order in which they were shown', () => {
  const lines = [
    line('new', { week: 12 }),
    line('old', { week: 9 }),
    line('newer', { week: 12 }),
    line('break'),
  ];
  expect(grouped(lines, 'WEEK').map(([name, some]) => [name, some.map(({ id }) => id)])).toEqual([
    ['Week 12', ['new', 'newer']],
    ['Week 9', ['old']],
    ['Out of term', ['break']],
  ]);
});

test('puts pieces under each of their topics, in the order of the syllabus', () => {
  const lines = [
    line('a', { topics: ['10.1 Lenses', '2.3 Echoes'] }),
    line('b', { topics: ['2.3 Echoes'] }),
    line('c'),
  ];
  expect(grouped(lines, 'TOPIC').map(([name, some]) => [name, some.map(({ id }) => id)])).toEqual([
    ['2.3 Echoes', ['a', 'b']],
    ['10.1 Lenses', ['a']],
    ['About no topic', ['c']],
  ]);
});

test('keeps answers when what they answer is not there any more', () => {
  const said = (id: string, answerTo?: string): Comment => ({
    id,
    by: 'Rue Vanterpool',
    isMine: false,
    words: id,
    answerTo,
    at: '2026-11-24T09:00:00Z',
    isHidden: false,
    isClosed: false,
  });
  const all = [said('a'), said('b', 'a'), said('c', 'gone'), said('d', 'c')];
  expect(talks(all).map(([first, answers]) => [first.id, answers.map(({ id }) => id)])).toEqual([
    ['a', ['b']],
    ['c', ['d']],
  ]);
});
