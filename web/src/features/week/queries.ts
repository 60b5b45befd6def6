import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const weekQuery = (monday: string) =>
  queryOptions({
    queryKey: ['week', monday],
    queryFn: () => unwrap(api.GET('/api/weeks/{monday}', { params: { path: { monday } } })),
  });
