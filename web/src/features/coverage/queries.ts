import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const coverageQuery = (id: string) =>
  queryOptions({
    queryKey: ['coverage', id],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/coverage', { params: { path: { id } } })),
  });
