import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { Button, Card, Empty, plural, TextField, Trouble } from '../../ui';
import { keepClass } from './queries';

type Wish = { id: string; name: string; members: string[] };

/** The classes; one at a time is open to be named and filled. */
export function ClassesCard({ school }: { school: Api['SchoolView'] }) {
  const [wish, setWish] = useState<Wish>();
  const people = school.people.filter((one) => one.role !== 'KEEPER');
  return (
    <Card
      title="Classes"
      aside={
        <Button look="quiet" onClick={() => setWish({ id: newId(), name: '', members: [] })}>
          Add a class
        </Button>
      }
    >
      {wish && <ClassForm wish={wish} people={people} onChange={setWish} onDone={() => setWish(undefined)} />}
      {school.classes.length === 0 && !wish && (
        <Empty>None yet. A class is a teacher with the students who are taught together.</Empty>
      )}
      <ul>
        {school.classes.map((one) => (
          <li key={one.id} className="flex items-baseline gap-3 border-b border-line/60 py-1.5 last:border-0">
            <span className="flex-1 font-semibold">{one.name}</span>
            <span className="text-soft">{sizes(one, people)}</span>
            <Button look="quiet" onClick={() => setWish(one)} aria-label={`Change ${one.name}`}>
              Change
            </Button>
          </li>
        ))}
      </ul>
    </Card>
  );
}

function sizes(one: Api['SchoolClassView'], people: Api['MemberView'][]) {
  const count = (role: Api['MemberView']['role']) =>
    people.filter((person) => person.role === role && one.members.includes(person.id)).length;
  return `${plural(count('TEACHER'), 'teacher')}, ${plural(count('STUDENT'), 'student')}`;
}

function ClassForm({
  wish,
  people,
  onChange,
  onDone,
}: {
  wish: Wish;
  people: Api['MemberView'][];
  onChange: (wish: Wish) => void;
  onDone: () => void;
}) {
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: () => keepClass(wish.id, { name: wish.name, members: wish.members }),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['school'] });
      onDone();
    },
  });
  const toggle = (id: string) =>
    onChange({
      ...wish,
      members: wish.members.includes(id)
        ? wish.members.filter((other) => other !== id)
        : [...wish.members, id],
    });
  return (
    <form
      className="mb-3 rounded-md border border-line p-3"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <TextField
        label="Name of the class"
        required
        autoFocus
        maxLength={60}
        value={wish.name}
        onChange={(event) => onChange({ ...wish, name: event.target.value })}
      />
      <fieldset className="mb-3">
        <legend className="mb-1 font-semibold">Who is in it</legend>
        <div className="grid max-h-72 gap-x-4 overflow-y-auto sm:grid-cols-2">
          {people.map((person) => (
            <label key={person.id} className="flex min-h-8 items-center gap-2">
              <input
                type="checkbox"
                className="h-4 w-4 accent-petrol"
                checked={wish.members.includes(person.id)}
                onChange={() => toggle(person.id)}
              />
              {person.fullName}
              {person.role === 'TEACHER' && <span className="text-soft">teacher</span>}
            </label>
          ))}
        </div>
      </fieldset>
      <Trouble>{keep.error?.message}</Trouble>
      <div className="flex gap-2">
        <Button look="act" type="submit" disabled={keep.isPending}>
          Keep the class
        </Button>
        <Button look="quiet" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
