import { useQueryClient } from '@tanstack/react-query';
import { type Api, api, sendForm, unwrap, useInTurn } from '../../api';
import { offerUndo } from '../../ui';
import type { Weeks } from './weeks';

type Sheet = Api['PlanSheetView'];
type Topic = Api['PlannedTopicView'];

/** Changes a plan at once on the screen and then at the server; what follows from it is asked anew. */
export function usePlanActs(
  queryKey: readonly unknown[],
  field: 'planned' | 'own',
  requests: {
    put: (topic: string, weeks: Weeks) => Promise<unknown>;
    clear: (topic: string) => Promise<unknown>;
  },
) {
  const queries = useQueryClient();
  const change = useInTurn(queryKey, [['coverage'], ['class-coverage']]);
  const show = (topic: string, weeks: Weeks | undefined) =>
    queries.setQueryData<Sheet>(
      queryKey,
      (now) =>
        now && {
          ...now,
          topics: now.topics.map((one: Topic) => (one.id === topic ? { ...one, [field]: weeks } : one)),
        },
    );
  const set = (topic: string, weeks: Weeks | undefined) =>
    change.mutate({
      show: () => show(topic, weeks),
      send: () => (weeks ? requests.put(topic, weeks) : requests.clear(topic)),
    });
  return {
    error: change.error,
    put: (topic: string, weeks: Weeks) => set(topic, weeks),
    clear: (topic: string) => {
      const before = queries.getQueryData<Sheet>(queryKey)?.topics.find((one) => one.id === topic);
      set(topic, undefined);
      offerUndo(`Took the plan of ${before?.code ?? 'it'} away`, () => set(topic, before?.[field]));
    },
    read: (path: string, file: File) =>
      change.mutate({ send: () => sendForm('POST', path, { blob: file, name: file.name }) }),
  };
}

export const classRequests = (id: string) => ({
  put: (topic: string, body: Weeks) =>
    unwrap(api.PUT('/api/classes/{id}/plan/{topic}', { params: { path: { id, topic } }, body })),
  clear: (topic: string) =>
    unwrap(api.DELETE('/api/classes/{id}/plan/{topic}', { params: { path: { id, topic } } })),
});

export const ownRequests = (id: string) => ({
  put: (topic: string, body: Weeks) =>
    unwrap(api.PUT('/api/notebooks/{id}/plan/{topic}', { params: { path: { id, topic } }, body })),
  clear: (topic: string) =>
    unwrap(api.DELETE('/api/notebooks/{id}/plan/{topic}', { params: { path: { id, topic } } })),
});
