import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';
import type { EvidenceKind } from '../../ui';

/** Which pieces are looked at; each narrows the others. */
export type Choice = {
  notebook?: string;
  node?: string;
  kind?: EvidenceKind;
  words?: string;
  mark?: string;
  entries?: string[];
};

/** Two places in the order of time. */
export type Pair = { earlier?: number; later?: number };

/** As many pieces as come at once. */
export const AT_ONCE = 100;

export const growthQuery = (choice: Choice, pair: Pair) =>
  queryOptions({
    queryKey: ['growth', choice, pair],
    queryFn: () => unwrap(api.GET('/api/growth', { params: { query: { ...choice, ...pair } } })),
  });

export const growthPiecesQuery = (choice: Choice, from: number) =>
  queryOptions({
    queryKey: ['growth', 'pieces', choice, from],
    queryFn: () => unwrap(api.GET('/api/growth/pieces', { params: { query: { ...choice, from } } })),
  });

export const growthWeeksQuery = (id: string, node?: string) =>
  queryOptions({
    queryKey: ['growth', 'weeks', id, node],
    queryFn: () =>
      unwrap(api.GET('/api/notebooks/{id}/growth-weeks', { params: { path: { id }, query: { node } } })),
  });

export const thenAndNowsQuery = queryOptions({
  queryKey: ['growth', 'kept'],
  queryFn: () => unwrap(api.GET('/api/then-and-nows')),
});
