import { QueryClient } from '@tanstack/react-query';
import { persistQueryClientRestore, persistQueryClientSave } from '@tanstack/react-query-persist-client';
import { expect, test, vi } from 'vitest';
import { Problem } from '../api';
import { forgetForGood, forgetOpened, isKept, isWorthKeeping, opened } from './opened';

const dehydrateOptions = { shouldDehydrateQuery: isWorthKeeping };

async function keepAndOpenAgain() {
  const before = new QueryClient();
  before.setQueryData(['page', 'p1'], { title: 'Echo' });
  before.setQueryData(['find', 'echo'], { entries: [] });
  await persistQueryClientSave({ queryClient: before, persister: opened, dehydrateOptions });
  const after = new QueryClient();
  await vi.waitFor(
    async () => {
      await persistQueryClientRestore({ queryClient: after, persister: opened });
      expect(after.getQueryData(['page', 'p1'])).toEqual({ title: 'Echo' });
    },
    { timeout: 25_000 },
  );
  return after;
}

test('keeps pages and not searches, and asks for all of them again however lately they were kept', async () => {
  const after = await keepAndOpenAgain();
  expect(after.getQueryData(['find', 'echo'])).toBeUndefined();
  expect(
    after
      .getQueryCache()
      .find({ queryKey: ['page', 'p1'] })
      ?.isStaleByTime(60_000),
  ).toBe(true);
});

/** A question that had an answer and was asked again in vain. */
async function askedInVain(error: Error) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const queryKey = ['page', 'p1'];
  queries.setQueryData(queryKey, { title: 'Echo' });
  await queries.fetchQuery({ queryKey, queryFn: () => Promise.reject(error) }).catch(() => undefined);
  return queries;
}

test('keeps what was opened when it is asked for again without a network, however often', async () => {
  const offline = await askedInVain(new TypeError('Failed to fetch'));
  await persistQueryClientSave({ queryClient: offline, persister: opened, dehydrateOptions });
  const after = new QueryClient();
  await vi.waitFor(
    async () => {
      await persistQueryClientRestore({ queryClient: after, persister: opened });
      expect(after.getQueryState(['page', 'p1'])).toMatchObject({
        data: { title: 'Echo' },
        status: 'success',
      });
    },
    { timeout: 25_000 },
  );
});

test('keeps nothing of what the server no longer gives', async () => {
  const refused = await askedInVain(new Problem(404, 'This page is not here.', {}));
  const page = refused.getQueryCache().find({ queryKey: ['page', 'p1'] });
  expect(page && isWorthKeeping(page)).toBe(false);
});

test('leaves nothing behind when it is told to forget', async () => {
  await keepAndOpenAgain();
  await forgetOpened();
  expect(await opened.restoreClient()).toBeUndefined();
});

test('does not keep that nobody is signed in', () => {
  expect(isKept(['me'], { person: { name: 'Ana' } })).toBe(true);
  expect(isKept(['me'], { person: undefined })).toBe(false);
});

test('keeps no answer that comes after its reader has signed out', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
  await forgetForGood();
  const late = new QueryClient();
  late.setQueryData(['page', 'p1'], { title: 'Echo' });
  await persistQueryClientSave({ queryClient: late, persister: opened, dehydrateOptions });
  vi.runAllTimers();
  vi.useRealTimers();
  expect(await opened.restoreClient()).toBeUndefined();
});
