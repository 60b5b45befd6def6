import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const sheetsQuery = (id: string) =>
  queryOptions({
    queryKey: ['sheets', id],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/reflections', { params: { path: { id } } })),
  });

export const sheetQuery = (id: string, week: number) =>
  queryOptions({
    queryKey: ['sheet', id, week],
    queryFn: () =>
      unwrap(api.GET('/api/notebooks/{id}/reflections/{week}', { params: { path: { id, week } } })),
    // What is being written must not be replaced by what was there before.
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
