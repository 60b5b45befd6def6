import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { expect, test } from 'vitest';
import { useInTurn } from './useInTurn';

const KEY = ['numbers'];

/** A server whose acts and answers end when the test says so. */
function slowServer() {
  const kept: number[] = [];
  const ends: (() => void)[] = [];
  const inItsTime = <T,>(end: () => T) => new Promise<T>((resolve) => ends.push(() => resolve(end())));
  return {
    ends,
    add: (one: number) => () => inItsTime(() => kept.push(one)),
    /** Says what was kept when it was asked, however late it is heard. */
    all: () => {
      const now = [...kept];
      return ends.length === 0 && now.length === 0 ? Promise.resolve(now) : inItsTime(() => now);
    },
  };
}

test('what was shown is not put back by an older answer, and acts go out in their order', async () => {
  const server = slowServer();
  const queries = new QueryClient();
  const shown = (one: number) => () =>
    queries.setQueryData<number[]>(KEY, (now = []) => (now.includes(one) ? now : [...now, one]));
  const { result } = renderHook(
    () => ({ numbers: useQuery({ queryKey: KEY, queryFn: server.all }).data, acts: useInTurn(KEY) }),
    {
      wrapper: ({ children }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>,
    },
  );
  await waitFor(() => expect(result.current.numbers).toEqual([]));
  const end = async (at: number) => {
    await waitFor(() => expect(server.ends.length).toBeGreaterThan(at));
    await act(async () => server.ends[at]?.());
  };
  act(() => result.current.acts.mutate({ send: server.add(1), show: shown(1) }));
  await end(0);
  await waitFor(() => expect(server.ends).toHaveLength(2));
  // The list with the 1 is on its way while the 2 and the 3 are added.
  act(() => result.current.acts.mutate({ send: server.add(2), show: shown(2) }));
  act(() => result.current.acts.mutate({ send: server.add(3), show: shown(3) }));
  await end(1);
  await waitFor(() => expect(result.current.numbers).toEqual([1, 2, 3]));
  await end(2);
  expect(result.current.numbers).toEqual([1, 2, 3]);
  await end(3);
  await end(4);
  await waitFor(() => expect(result.current.acts.isIdle || result.current.acts.isSuccess).toBe(true));
  expect(result.current.numbers).toEqual([1, 2, 3]);
  expect(server.ends).toHaveLength(5);
});
