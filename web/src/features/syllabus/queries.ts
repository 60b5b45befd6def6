import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const editionsQuery = queryOptions({
  queryKey: ['editions'],
  queryFn: () => unwrap(api.GET('/api/editions')),
});

export const editionQuery = (id: string) =>
  queryOptions({
    queryKey: ['edition', id],
    queryFn: () => unwrap(api.GET('/api/editions/{id}', { params: { path: { id } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** The lines of a notebook's edition, with the student's own points among them. */
export const syllabusQuery = (notebook: string) =>
  queryOptions({
    queryKey: ['syllabus', notebook],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/syllabus', { params: { path: { id: notebook } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
