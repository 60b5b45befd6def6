import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

/** What a file holds, before anything of it is taken in. */
export const foundQuery = (id: string, media: string) =>
  queryOptions({
    queryKey: ['found-file', id, media],
    queryFn: () =>
      unwrap(api.GET('/api/collections/{id}/found-file', { params: { path: { id }, query: { media } } })),
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** Asked for again until it is through. */
export const gatheringQuery = (id: string, gathering: string) =>
  queryOptions({
    queryKey: ['gathering', id, gathering],
    queryFn: () =>
      unwrap(
        api.GET('/api/collections/{id}/gatherings/{gathering}', { params: { path: { id, gathering } } }),
      ),
    refetchInterval: ({ state: { data } }) => (data && data.state !== 'WAITING' ? false : 400),
  });
