import { useMutation, useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';
import { offerUndo } from '../../ui';
import type { BookPage, BookPattern } from './queries';

const at = (id: string) => ({ params: { path: { id } } });

/** What is done to whole books: begun, named, deleted; their pages put in order and added. */
export function useBooks() {
  const queries = useQueryClient();
  const act = useMutation({
    mutationFn: (one: () => Promise<unknown>) => one(),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['books'] }),
  });
  const name = (id: string, title: string, forWhom: string) =>
    act.mutateAsync(() => unwrap(api.PUT('/api/books/{id}', { ...at(id), body: { title, forWhom } })));
  const begin = async ({ id: pattern, name: title, forWhom }: BookPattern) => {
    const id = newId();
    await act.mutateAsync(() =>
      unwrap(api.PUT('/api/books/{id}', { ...at(id), body: { title, forWhom, pattern } })),
    );
    return id;
  };
  const remove = async (id: string, title: string) => {
    await act.mutateAsync(() => unwrap(api.DELETE('/api/books/{id}', at(id))));
    offerUndo(`Deleted “${title}”`, () =>
      act.mutate(() => unwrap(api.POST('/api/books/{id}/restore', at(id)))),
    );
  };
  const order = (id: string, pages: string[]) =>
    act.mutate(() => unwrap(api.PUT('/api/books/{id}/order', { ...at(id), body: { pages } })));
  const add = async (
    id: string,
    page: Pick<BookPage, 'kind' | 'heading' | 'question' | 'range' | 'notebook'>,
  ) => {
    const added = newId();
    await act.mutateAsync(() =>
      unwrap(
        api.PUT('/api/books/{id}/pages/{page}', {
          params: { path: { id, page: added } },
          body: { ...page, leftOut: false, words: '', pieces: [], baseVersion: 0 },
        }),
      ),
    );
    return added;
  };
  return { name, begin, remove, order, add, error: act.error };
}
