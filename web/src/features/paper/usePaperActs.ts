import { useMutation, useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { type Api, api, sendFile, sendForm, unwrap } from '../../api';
import { offerUndo } from '../../ui';
import type { Paper } from './paperGrid';

/** What can be done with the papers of a notebook; coverage follows from their marks. */
export function usePaperActs(notebook: string, onDone: () => void = () => {}) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['papers', notebook] });
      queries.invalidateQueries({ queryKey: ['coverage', notebook] });
      onDone();
    },
  });
  const path = (paper: string) => ({ params: { path: { id: notebook, paper } } });
  const keep = (id: string, body: Api['PaperBody']) =>
    change.mutate(() => unwrap(api.PUT('/api/notebooks/{id}/papers/{paper}', { ...path(id), body })));
  return {
    error: change.error,
    isPending: change.isPending,
    keep,
    remove: ({ id, year, sitting, variant, paper, done, paperFile, scriptFile, name }: Paper) =>
      change.mutate(async () => {
        await unwrap(api.DELETE('/api/notebooks/{id}/papers/{paper}', path(id)));
        offerUndo(`${name} is off the list`, () =>
          keep(id, { year, sitting, variant, paper, done, paperFile, scriptFile }),
        );
      }),
    setUp: (body: Api['RunBody']) =>
      change.mutate(() =>
        unwrap(api.POST('/api/notebooks/{id}/papers', { params: { path: { id: notebook } }, body })),
      ),
    read: (file: File) =>
      change.mutate(() =>
        sendForm('POST', `/api/notebooks/${notebook}/papers.csv`, { blob: file, name: file.name }),
      ),
    attach: async (file: File) => {
      const id = newId();
      await sendFile({ id, blob: file, name: file.name });
      return id;
    },
  };
}
