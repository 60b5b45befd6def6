import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { type Api, api, unwrap } from '../../api';

/** Takes things of a shown collection over, or keeps them for later; all of them where none is named. */
export function useTaking(id: string) {
  const queries = useQueryClient();
  const go = useNavigate();
  const path = { params: { path: { id } } };
  const refresh = ({ into }: Api['Taken']) => {
    queries.invalidateQueries({ queryKey: ['collections'] });
    queries.invalidateQueries({ queryKey: ['collection', into] });
  };
  const takeOver = useMutation({
    mutationFn: (things: string[]) =>
      unwrap(api.POST('/api/shown-collections/{id}/taken-over', { ...path, body: { things } })),
    onSuccess: (taken) => {
      refresh(taken);
      go(`/collections/${taken.into}`);
    },
  });
  const forLater = useMutation({
    mutationFn: (things: string[]) =>
      unwrap(api.POST('/api/shown-collections/{id}/kept-for-later', { ...path, body: { things } })),
    onSuccess: refresh,
  });
  return { takeOver, forLater, error: takeOver.error ?? forLater.error };
}
