import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export type Review = Api['ReviewView'];

export const reviewQuery = (page: string) =>
  queryOptions({
    queryKey: ['review', page],
    queryFn: () => unwrap(api.GET('/api/pages/{id}/review', { params: { path: { id: page } } })),
    staleTime: 0,
  });
