import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export type LookedAt = Api['ViewsOfCollection'];

export const lookedAtQuery = (id: string) =>
  queryOptions({
    queryKey: ['collection', id, 'views'],
    queryFn: () => unwrap(api.GET('/api/collections/{id}/views', { params: { path: { id } } })),
  });

/** Names and values that were used before. */
export const offeredQuery = (id: string) =>
  queryOptions({
    queryKey: ['collection', id, 'offered'],
    queryFn: () => unwrap(api.GET('/api/collections/{id}/details/offered', { params: { path: { id } } })),
  });
