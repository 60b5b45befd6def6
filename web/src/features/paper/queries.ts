import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const papersQuery = (notebook: string) =>
  queryOptions({
    queryKey: ['papers', notebook],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/papers', { params: { path: { id: notebook } } })),
  });
