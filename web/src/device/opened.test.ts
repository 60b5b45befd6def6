import { type Query, QueryClient } from '@tanstack/react-query';
import { persistQueryClientRestore, persistQueryClientSave } from '@tanstack/react-query-persist-client';
import { expect, test, vi } from 'vitest';
import { forgetForGood, forgetOpened, isKept, opened } from './opened';

const dehydrateOptions = {
  shouldDehydrateQuery: ({ queryKey, state }: Query) => isKept(queryKey, state.data),
};

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
    { timeout: 4_000 },
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
