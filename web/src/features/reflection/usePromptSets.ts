import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';
import { offerUndo } from '../../ui';
import { promptSetsQuery } from './queries';

type PromptSet = Api['PromptSet'];

/** Keeps and deletes sets of questions, a student's own or those of a class. */
export function usePromptSets(classId?: string) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: promptSetsQuery(classId).queryKey });
      // A sheet that is not written yet asks what holds now.
      queries.removeQueries({ queryKey: ['sheet'] });
      queries.invalidateQueries({ queryKey: ['sheets'] });
    },
  });
  const put = ({ id, name, from, prompts, isRead }: PromptSet) =>
    unwrap(
      classId
        ? api.PUT('/api/classes/{classId}/prompt-sets/{id}', {
            params: { path: { classId, id } },
            body: { name, from, prompts, isRead },
          })
        : api.PUT('/api/prompt-sets/{id}', { params: { path: { id } }, body: { name, from, prompts } }),
    );
  const keep = (set: PromptSet, onKept: () => void) => change.mutate(() => put(set), { onSuccess: onKept });
  const remove = (set: PromptSet) =>
    change.mutate(async () => {
      await unwrap(
        classId
          ? api.DELETE('/api/classes/{classId}/prompt-sets/{id}', {
              params: { path: { classId, id: set.id } },
            })
          : api.DELETE('/api/prompt-sets/{id}', { params: { path: { id: set.id } } }),
      );
      offerUndo(`Deleted “${set.name}”`, () => change.mutate(() => put(set)));
    });
  return { keep, remove, error: change.error };
}
