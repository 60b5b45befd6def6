import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const classPlanQuery = (id: string) =>
  queryOptions({
    queryKey: ['plan', 'class', id],
    queryFn: () => unwrap(api.GET('/api/classes/{id}/plan', { params: { path: { id } } })),
  });

export const ownPlanQuery = (id: string) =>
  queryOptions({
    queryKey: ['plan', 'notebook', id],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/plan', { params: { path: { id } } })),
  });
