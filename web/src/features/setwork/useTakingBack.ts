import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';
import { offerUndo } from '../../ui';

/** Asking a class no longer, with the offer to ask again. */
export function useTakingBack() {
  const queries = useQueryClient();
  const again = () =>
    Promise.all([['set-work'], ['register']].map((queryKey) => queries.invalidateQueries({ queryKey })));
  const askAgain = useMutation({
    mutationFn: ({ id }: Api['SetWorkView']) =>
      unwrap(api.DELETE('/api/set-work/taken-back/{id}', { params: { path: { id } } })),
    onSuccess: again,
  });
  const takeBack = useMutation({
    mutationFn: ({ work: { id }, word }: { work: Api['SetWorkView']; word: string }) =>
      unwrap(api.PUT('/api/set-work/taken-back/{id}', { params: { path: { id } }, body: { word } })),
    onSuccess: (_, { work }) => {
      offerUndo(`“${work.title}” is taken back`, () => askAgain.mutate(work));
      return again();
    },
  });
  return { takeBack, askAgain };
}
