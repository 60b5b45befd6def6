import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

type Standing = Api['StandingBody']['standing'];
export type Wish = Api['ShowBody'] & { id: string };

/** What is done to the noticeboard of a class and to its pieces. */
export function useBoard(schoolClass: string) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    onSettled: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ['noticeboard', schoolClass] }),
        queries.invalidateQueries({ queryKey: ['piece'] }),
      ]),
  });
  const of = (id: string) => ({ params: { path: { id } } });
  return {
    error: change.error,
    show: ({ id, ...body }: Wish) =>
      change.mutateAsync(() => unwrap(api.PUT('/api/noticeboard/{id}', { ...of(id), body }))),
    move: (id: string, standing: Standing, words = '') =>
      change.mutate(() =>
        unwrap(api.PUT('/api/noticeboard/{id}/standing', { ...of(id), body: { standing, words } })),
      ),
    seeFirst: (teacherSeesFirst: boolean) =>
      change.mutate(() =>
        unwrap(api.PUT('/api/classes/{id}/noticeboard', { ...of(schoolClass), body: { teacherSeesFirst } })),
      ),
  };
}
