import { type FormEvent, useState } from 'react';
import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { Button, TextField, Tick } from '../../ui';
import type { Group } from './useGroups';

type Props = {
  students: Api['StudentName'][];
  /** Who has to be in it. */
  always?: string;
  group?: Group;
  onKeep: (group: Group) => Promise<unknown>;
  onDone: () => void;
};

/** A name, and who is in the group. */
export function GroupForm({ students, always, group, onKeep, onDone }: Props) {
  const [members, setMembers] = useState<readonly string[]>(group?.members ?? (always ? [always] : []));
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const name = String(new FormData(event.currentTarget).get('name'));
    onKeep({ id: group?.id ?? newId(), name, members: [...members] }).then(onDone, () => {});
  };
  return (
    <form onSubmit={submit}>
      <TextField label="Name of the group" name="name" defaultValue={group?.name} required maxLength={60} />
      <fieldset className="mb-3">
        <legend className="mb-1 font-semibold">Who is in it</legend>
        <div className="grid grid-cols-[repeat(auto-fill,minmax(170px,1fr))] gap-x-3">
          {students.map(({ id, name }) => (
            <Tick
              key={id}
              checked={members.includes(id)}
              disabled={id === always}
              onChange={({ target: { checked } }) =>
                setMembers(checked ? [...members, id] : members.filter((one) => one !== id))
              }
            >
              {name}
            </Tick>
          ))}
        </div>
      </fieldset>
      <div className="flex gap-2">
        <Button look="act" type="submit" disabled={members.length === 0}>
          {group ? 'Keep it' : 'Make the group'}
        </Button>
        {group && <Button onClick={onDone}>Leave it as it was</Button>}
      </div>
    </form>
  );
}
