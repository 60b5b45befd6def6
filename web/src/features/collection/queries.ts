import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const collectionsQuery = queryOptions({
  queryKey: ['collections'],
  queryFn: () => unwrap(api.GET('/api/collections')),
});

export const collectionQuery = (id: string) =>
  queryOptions({
    queryKey: ['collection', id],
    queryFn: () => unwrap(api.GET('/api/collections/{id}', { params: { path: { id } } })),
  });
