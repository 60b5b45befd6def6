import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

/** Who sees a collection of one's own, and who could. */
export const readersQuery = (id: string) =>
  queryOptions({
    queryKey: ['collection', id, 'readers'],
    queryFn: () => unwrap(api.GET('/api/collections/{id}/readers', { params: { path: { id } } })),
  });

export const shownQuery = queryOptions({
  queryKey: ['shown-collections'],
  queryFn: () => unwrap(api.GET('/api/shown-collections')),
});

export const shownOneQuery = (id: string) =>
  queryOptions({
    queryKey: ['shown-collections', id],
    queryFn: () => unwrap(api.GET('/api/shown-collections/{id}', { params: { path: { id } } })),
  });
