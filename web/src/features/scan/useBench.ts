import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { useOutbox } from '../../device';
import { scanQuery } from './queries';

type Shot = Api['ShotView'];
type Recipe = Api['RecipeView'];

/** A bench and what can be done at it; every answer is the bench as it is then. */
export function useBench(id: string, isPhoneOn: boolean) {
  const queries = useQueryClient();
  const { outbox, state } = useOutbox();
  const query = scanQuery(id, isPhoneOn);
  const scan = useSuspenseQuery(query).data;
  const path = { id };
  // What this device sent has arrived.
  useEffect(() => {
    if (state.acts === 0) queries.invalidateQueries({ queryKey: ['scan', id] });
  }, [state.acts, queries, id]);
  // One after the other: an answer never shows a bench older than the one before, and nothing overtakes a name.
  const last = useRef<Promise<unknown>>(Promise.resolve());
  const inTurn = <T>(ask: () => Promise<T>): Promise<T> => {
    const mine = last.current.catch(() => {}).then(ask);
    last.current = mine;
    return mine;
  };
  const change = useMutation({
    mutationFn: (ask: () => Promise<Api['ScanView']>) =>
      inTurn(async () => {
        // A look at the bench that is on its way would come back with what it was before.
        await queries.cancelQueries({ queryKey: ['scan', id] });
        return ask();
      }),
    onSuccess: (now) => queries.setQueryData(query.queryKey, now),
  });
  const act = (ask: () => Promise<Api['ScanView']>) => change.mutate(ask);
  const on = (shot: Shot) => ({ params: { path: { id, shot: shot.id } } });
  return {
    scan,
    /** Photos that are on this device only. */
    unsent: state.acts,
    inTurn,
    show: (now: Api['ScanView']) => queries.setQueryData(query.queryKey, now),
    isBusy: change.isPending,
    trouble: change.error?.message,
    lay: async (files: Iterable<File | { blob: Blob; name: string }>, insteadOf?: Shot) => {
      for (const file of files) {
        const { blob, name } = file instanceof File ? { blob: file, name: file.name } : file;
        await outbox.keepShot(
          { id: newId(), scan: id, pageId: scan.pageId, insteadOf: insteadOf?.id },
          { blob, name },
        );
      }
    },
    /** Makes the page by a changed recipe: changed from what it is when its turn comes, not from what was shown. */
    make: (shot: Shot, changed: (recipe: Recipe) => Partial<Recipe>) =>
      act(() => {
        const now = queries.getQueryData(query.queryKey)?.shots.find((one) => one.id === shot.id);
        const recipe = now?.recipe ?? WHOLE;
        const body = { ...recipe, ...changed(recipe) };
        return unwrap(api.PUT('/api/scans/{id}/shots/{shot}/recipe', { ...on(shot), body }));
      }),
    find: (shot: Shot) => act(() => unwrap(api.POST('/api/scans/{id}/shots/{shot}/find', on(shot)))),
    leaveOut: (shot: Shot, leftOut: boolean) =>
      act(() => unwrap(api.PUT('/api/scans/{id}/shots/{shot}/left-out', { ...on(shot), body: { leftOut } }))),
    name: (shot: Shot, words: { name: string; gist: string }) =>
      act(() => unwrap(api.PUT('/api/scans/{id}/shots/{shot}/words', { ...on(shot), body: words }))),
    remove: (shot: Shot) => act(() => unwrap(api.DELETE('/api/scans/{id}/shots/{shot}', on(shot)))),
    order: (shots: string[]) => {
      const places = new Map(shots.map((one, i) => [one, i]));
      queries.setQueryData(query.queryKey, (now) =>
        now
          ? { ...now, shots: now.shots.toSorted((a, b) => (places.get(a.id) ?? 0) - (places.get(b.id) ?? 0)) }
          : now,
      );
      act(() => unwrap(api.PUT('/api/scans/{id}/order', { params: { path }, body: { shots } })));
    },
    rename: (name: string) =>
      act(() => unwrap(api.PUT('/api/scans/{id}/name', { params: { path }, body: { name } }))),
  };
}

const WHOLE: Recipe = { corners: [0, 0, 1, 0, 1, 1, 0, 1], quarters: 0, finish: 'AS_TAKEN' };

export type Bench = ReturnType<typeof useBench>;
