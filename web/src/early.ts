import type { QueryClient } from '@tanstack/react-query';
import { api, unwrap } from './api';
import { notebooksQuery } from './features/contents';
import { meQuery } from './features/people';
import { rulerQuery } from './features/shell/queries';
import { weekQuery } from './features/week/queries';

/** How long nothing is asked before the rest of the code is fetched for later, in ms. */
const REST_MILLIS = 1_000;

/** The addresses at which a student's week of today opens. */
const WEEK = /^\/(week\/|$)/;

/**
 * Asks who is signed in before anything is drawn. For a student whose week opens, that is told when what the week needs is there
 * too: it is drawn once, and one answer does not wait for another.
 */
export const askEarly = (queries: QueryClient): Promise<void> =>
  queries.prefetchQuery({
    ...meQuery,
    queryFn: async () => {
      const me = await unwrap(api.GET('/api/me'));
      if (me.person?.role === 'STUDENT' && WEEK.test(window.location.pathname)) await askForWeek(queries);
      return me;
    },
  });

async function askForWeek(queries: QueryClient): Promise<void> {
  const week = async () => {
    const now = await unwrap(api.GET('/api/weeks/now'));
    queries.setQueryData(weekQuery(now.monday).queryKey, now);
  };
  // What fails here is asked again, and said, by the screen that needs it.
  await Promise.allSettled([
    queries.prefetchQuery(notebooksQuery),
    queries.prefetchQuery(rulerQuery),
    week(),
  ]);
}

/** Does something once no screen has asked for anything for a moment: the first screen has the line to itself. */
export function whenAtRest(queries: QueryClient, then: () => void): void {
  let timer: ReturnType<typeof setTimeout>;
  const wait = () => {
    clearTimeout(timer);
    timer = setTimeout(() => {
      stop();
      then();
    }, REST_MILLIS);
  };
  const stop = queries.getQueryCache().subscribe(wait);
  wait();
}
