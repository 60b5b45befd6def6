import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const coverageQuery = (id: string) =>
  queryOptions({
    queryKey: ['coverage', id],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/coverage', { params: { path: { id } } })),
  });

/** The points of a class by its students, for their teacher. */
export const classQuery = (id: string) =>
  queryOptions({
    queryKey: ['class-coverage', id],
    queryFn: () => unwrap(api.GET('/api/classes/{id}/coverage', { params: { path: { id } } })),
  });

/** One student's coverage, for their teacher. */
export const studentQuery = (id: string, student: string) =>
  queryOptions({
    queryKey: ['class-coverage', id, student],
    queryFn: () =>
      unwrap(api.GET('/api/classes/{id}/students/{student}/coverage', { params: { path: { id, student } } })),
  });
