import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export type Style = Api['StyleBody']['style'];
export type Reference = Api['Reference'];

export const referencesQuery = (id: string, style: Style) =>
  queryOptions({
    queryKey: ['collection', id, 'references', style],
    queryFn: () =>
      unwrap(api.GET('/api/collections/{id}/references', { params: { path: { id }, query: { style } } })),
  });

export const styleQuery = queryOptions({
  queryKey: ['reference-style'],
  queryFn: () => unwrap(api.GET('/api/reference-style')),
});

/** What a student asks of a source; the core knows. */
export const questionsQuery = queryOptions({
  queryKey: ['source-questions'],
  queryFn: () => unwrap(api.GET('/api/source-questions')),
  staleTime: Number.POSITIVE_INFINITY,
});
