import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

export const unfiledQuery = (notebook: string) =>
  queryOptions({
    queryKey: ['unfiled', notebook],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/unfiled', { params: { path: { id: notebook } } })),
  });

/** `words` stands for what the entry says now: other words, other suggestions. */
export const suggestionsQuery = (entry: string, words: string) =>
  queryOptions({
    queryKey: ['suggestions', entry, words],
    queryFn: () => unwrap(api.GET('/api/entries/{id}/suggestions', { params: { path: { id: entry } } })),
  });
