import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../../api';
import { offerUndo } from '../../ui';
import { type BookPattern, bookPatternsQuery } from './queries';

/** Keeps and deletes patterns of books, those of a class or of the school. */
export function useBookPatterns(classId?: string) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    onSuccess: () => queries.invalidateQueries({ queryKey: bookPatternsQuery(classId).queryKey }),
  });
  const put = ({ id, ...body }: BookPattern) =>
    unwrap(
      classId
        ? api.PUT('/api/classes/{classId}/book-patterns/{id}', { params: { path: { classId, id } }, body })
        : api.PUT('/api/school/book-patterns/{id}', { params: { path: { id } }, body }),
    );
  const keep = (pattern: BookPattern, onKept: () => void) =>
    change.mutate(() => put(pattern), { onSuccess: onKept });
  const remove = (pattern: BookPattern) =>
    change.mutate(async () => {
      const { id } = pattern;
      await unwrap(
        classId
          ? api.DELETE('/api/classes/{classId}/book-patterns/{id}', { params: { path: { classId, id } } })
          : api.DELETE('/api/school/book-patterns/{id}', { params: { path: { id } } }),
      );
      offerUndo(`Deleted “${pattern.name}”`, () => change.mutate(() => put(pattern)));
    });
  return { keep, remove, error: change.error };
}
