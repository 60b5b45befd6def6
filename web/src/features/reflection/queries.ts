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
  });

/** What a sheet was before somebody went on with it after a while. */
export const earlierSheetsQuery = (id: string, week: number) =>
  queryOptions({
    queryKey: ['earlier-sheets', id, week],
    queryFn: () =>
      unwrap(api.GET('/api/notebooks/{id}/reflections/{week}/earlier', { params: { path: { id, week } } })),
    staleTime: 0,
  });

/** Work of a notebook that holds some words, in order of time. */
export const olderWorkQuery = (notebook: string, words: string) =>
  queryOptions({
    queryKey: ['growth', 'pieces', { notebook, words }],
    queryFn: () => unwrap(api.GET('/api/growth/pieces', { params: { query: { notebook, words } } })),
  });

/** The sets of questions of a student, or of a class for its teacher. */
export const promptSetsQuery = (classId?: string) =>
  queryOptions({
    queryKey: ['prompt-sets', classId ?? 'own'],
    queryFn: () =>
      unwrap(
        classId
          ? api.GET('/api/classes/{classId}/prompt-sets', { params: { path: { classId } } })
          : api.GET('/api/prompt-sets'),
      ),
  });

/** What looking back begins with: entries, a page or a version, and the set of questions where it is not ours. */
export type Begun = { entries?: string[]; page?: string; version?: string; set?: string };

export const lookBackQuery = (notebook: string, id: string, begun: Begun) =>
  queryOptions({
    queryKey: ['look-back', id, begun],
    queryFn: () =>
      unwrap(
        api.GET('/api/notebooks/{notebook}/look-backs/{id}', {
          params: { path: { notebook, id }, query: begun },
        }),
      ),
    // What is being written must not be replaced by what was there before.
    staleTime: Number.POSITIVE_INFINITY,
  });

/** All that looks back on single pieces of a notebook. */
export const lookBacksQuery = (notebook: string) =>
  queryOptions({
    queryKey: ['look-backs', 'notebook', notebook],
    queryFn: () =>
      unwrap(api.GET('/api/notebooks/{notebook}/look-backs', { params: { path: { notebook } } })),
  });

/** What looks back on a page, or on something on it. */
export const lookBacksOnQuery = (page: string) =>
  queryOptions({
    queryKey: ['look-backs', 'page', page],
    queryFn: () => unwrap(api.GET('/api/pages/{page}/look-backs', { params: { path: { page } } })),
  });
