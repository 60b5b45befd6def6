import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';
import { offerUndo, plural } from '../../ui';
import { groupsQuery } from './queries';

export type Group = Pick<Api['GroupView'], 'id' | 'name' | 'members'>;

/** Makes, changes and ends groups of a class. */
export function useGroups(schoolClass: string) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    onSettled: () => queries.invalidateQueries({ queryKey: groupsQuery(schoolClass).queryKey }),
  });
  const { mutate, mutateAsync } = change;
  const at = { path: { id: schoolClass } };
  const of = (group: string) => ({ params: { path: { id: schoolClass, group } } });
  const put = ({ id, name, members }: Group) =>
    unwrap(api.PUT('/api/classes/{id}/groups/{group}', { ...of(id), body: { name, members } }));
  const remove = (id: string) => unwrap(api.DELETE('/api/classes/{id}/groups/{group}', of(id)));
  return {
    error: change.error,
    keep: (group: Group) => mutateAsync(() => put(group)),
    end: (group: Group) =>
      mutate(async () => {
        await remove(group.id);
        offerUndo(`“${group.name}” has ended`, () => mutate(() => put(group)));
      }),
    split: (size: number) =>
      mutate(async () => {
        const made = await unwrap(api.POST('/api/classes/{id}/group-split', { params: at, body: { size } }));
        offerUndo(`${plural(made.length, 'group')} made`, () =>
          mutate(() => Promise.all(made.map(({ id }) => remove(id)))),
        );
      }),
    letStudentsMake: (studentsMayMake: boolean) =>
      mutate(() =>
        unwrap(api.PUT('/api/classes/{id}/group-rule', { params: at, body: { studentsMayMake } })),
      ),
  };
}
