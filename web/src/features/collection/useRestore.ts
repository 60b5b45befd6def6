import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../../api';

/** Brings a collection, or a thing of one, back from the bin. */
export function useRestore() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) =>
      unwrap(api.POST('/api/collections/bin/{id}/restore', { params: { path: { id } } })),
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ['collections'] }),
        queries.invalidateQueries({ queryKey: ['collection'] }),
      ]),
  });
}
