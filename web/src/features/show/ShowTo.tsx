import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../../api';
import { Button, ChoiceField, Trouble } from '../../ui';
import { readersQuery } from './queries';

/** To whom a collection is shown by name: whole classes, groups and people of them. */
export function ShowTo({ collection }: { collection: string }) {
  const queries = useQueryClient();
  const query = readersQuery(collection);
  const readers = useQuery(query).data;
  const change = useMutation({
    mutationFn: (act: () => Promise<unknown>) => act(),
    onSuccess: () => queries.invalidateQueries({ queryKey: query.queryKey }),
  });
  if (!readers) return null;
  const ofClass = (schoolClass: string) => ({ params: { path: { id: collection, schoolClass } } });
  const ofGroup = (group: string) => ({ params: { path: { id: collection, group } } });
  const ofPerson = (person: string) => ({ params: { path: { id: collection, person } } });
  const show = (to: string) => {
    const [kind, id = ''] = to.split(' ');
    const puts = {
      class: () => unwrap(api.PUT('/api/collections/{id}/readers/classes/{schoolClass}', ofClass(id))),
      group: () => unwrap(api.PUT('/api/collections/{id}/readers/groups/{group}', ofGroup(id))),
      person: () => unwrap(api.PUT('/api/collections/{id}/readers/people/{person}', ofPerson(id))),
    };
    change.mutate(puts[kind as keyof typeof puts]);
  };
  const seenBy = [
    ...readers.classes.map((one) => ({
      ...one,
      hide: () => unwrap(api.DELETE('/api/collections/{id}/readers/classes/{schoolClass}', ofClass(one.id))),
    })),
    ...readers.groups.map((one) => ({
      ...one,
      hide: () => unwrap(api.DELETE('/api/collections/{id}/readers/groups/{group}', ofGroup(one.id))),
    })),
    ...readers.people.map((one) => ({
      ...one,
      hide: () => unwrap(api.DELETE('/api/collections/{id}/readers/people/{person}', ofPerson(one.id))),
    })),
  ];
  return (
    <div className="min-w-60 max-w-sm grow">
      <Trouble>{change.error?.message}</Trouble>
      <ChoiceField
        label="Show it to"
        value=""
        onChange={({ target: { value } }) => value && show(value)}
        disabled={change.isPending}
      >
        <option value="">a class, a group or somebody by name</option>
        {readers.otherClasses.map(({ id, name }) => (
          <option key={id} value={`class ${id}`}>
            {name}, all of it
          </option>
        ))}
        {readers.otherGroups.map(({ id, name }) => (
          <option key={id} value={`group ${id}`}>
            {name}, the group
          </option>
        ))}
        {readers.otherPeople.map(({ id, name }) => (
          <option key={id} value={`person ${id}`}>
            {name}
          </option>
        ))}
      </ChoiceField>
      {seenBy.length > 0 && (
        <ul aria-label="Who sees it">
          {seenBy.map(({ id, name, hide }) => (
            <li
              key={id}
              className="flex items-center justify-between gap-2 border-b border-line py-1 last:border-0"
            >
              {name}
              <Button
                look="quiet"
                aria-label={`Take it back from ${name}`}
                onClick={() => change.mutate(hide)}
              >
                Take it back
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
