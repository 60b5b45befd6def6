import { type QueryKey, useMutation, useQueryClient } from '@tanstack/react-query';

type Act = {
  send: () => Promise<unknown>;
  /** What the screen shows from the press on. */
  show?: () => void;
};

/**
 * Acts on what a query holds, one after the other, as each may build on the one before. What is shown at once
 * stays: no older answer puts it back, and the server is asked for what it has after the last act only.
 */
export function useInTurn(queryKey: QueryKey, alsoChanged: QueryKey[] = []) {
  const queries = useQueryClient();
  return useMutation({
    mutationKey: queryKey,
    scope: { id: JSON.stringify(queryKey) },
    mutationFn: ({ send }: Act) => send(),
    onMutate: async ({ show }) => {
      if (!show) return;
      await queries.cancelQueries({ queryKey });
      show();
    },
    onSettled: () => {
      const isLast = queries.isMutating({ mutationKey: queryKey }) === 1;
      const changed = isLast ? [queryKey, ...alsoChanged] : [];
      return Promise.all(changed.map((one) => queries.invalidateQueries({ queryKey: one })));
    },
  });
}
