import { QueryClient } from '@tanstack/react-query';
import { afterEach, expect, test, vi } from 'vitest';
import { askEarly, whenAtRest } from './early';
import { meQuery } from './features/people';
import { weekQuery } from './features/week/queries';
import { Server, server } from './test/server';
import { RULER, STUDENT, TEACHER } from './test/visit';

const WEEK = { monday: '2026-11-23', days: [], tasks: [], next: [], unfiled: [] };

afterEach(() => vi.useRealTimers());

async function early(person: typeof STUDENT, path: string) {
  window.history.replaceState(null, '', path);
  const mine = new Server({
    'GET /api/me': { person },
    'GET /api/ruler': RULER,
    'GET /api/notebooks': [],
    'GET /api/weeks/now': WEEK,
  });
  const queries = new QueryClient();
  server.answer = (request) => mine.answer(request);
  await askEarly(queries);
  return { mine, queries };
}

test.each(['/', '/week/2026-11-23'])(
  'has all of a student’s week when it is told who they are, at %s',
  async (path) => {
    const { queries } = await early(STUDENT, path);
    expect(queries.getQueryData(meQuery.queryKey)?.person).toEqual(STUDENT);
    expect(queries.getQueryData(weekQuery('2026-11-23').queryKey)).toEqual(WEEK);
  },
);

test.each([
  [STUDENT, '/n/n1/coverage'],
  [TEACHER, '/'],
])('asks for no week where none opens: %o at %s', async (person, path) => {
  const { mine } = await early(person, path);
  expect(mine.sent('GET /api/weeks/now')).toHaveLength(0);
});

test('waits until no screen has asked for anything for a second', async () => {
  vi.useFakeTimers();
  const queries = new QueryClient();
  const then = vi.fn();
  whenAtRest(queries, then);
  vi.advanceTimersByTime(900);
  queries.setQueryData(['page'], 1);
  vi.advanceTimersByTime(900);
  expect(then).not.toHaveBeenCalled();
  vi.advanceTimersByTime(200);
  queries.setQueryData(['page'], 2);
  vi.advanceTimersByTime(2_000);
  expect(then).toHaveBeenCalledOnce();
});
