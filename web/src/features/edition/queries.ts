import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export type Exam = { examYear: number; tier: Api['NotebookView']['tier'] };

/** What moving a notebook to an edition would do, for an exam there. */
export const previewQuery = (notebook: string, editionId: string, exam: Exam) =>
  queryOptions({
    queryKey: ['move-preview', notebook, editionId, exam],
    queryFn: () =>
      unwrap(
        api.GET('/api/notebooks/{id}/moves/preview', {
          params: { path: { id: notebook }, query: { editionId, ...exam } },
        }),
      ),
  });

/** The move that a notebook can go back on, with what asks for a look. */
export const movesQuery = (notebook: string) =>
  queryOptions({
    queryKey: ['moves', notebook],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/moves', { params: { path: { id: notebook } } })),
  });
