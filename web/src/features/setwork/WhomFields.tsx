import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Api } from '../../api';
import { Button, Radios, Tick } from '../../ui';
import { groupsQuery } from '../group';

export type Whom = Pick<Api['SetWorkView'], 'students' | 'groups' | 'longer'>;

export const ALL: Whom = { students: [], groups: [], longer: {} };

/** Of whom work that is there is asked. */
export const whomOf = (work: Api['SetWorkView'] | undefined): Whom =>
  work ? { students: work.students, groups: work.groups, longer: work.longer } : ALL;

type Props = { classId: string; whom: Whom; onChange: (whom: Whom) => void };

/** Of whom it is asked: all of the class, or some by name and by group; and who has longer. */
export function WhomFields({ classId, whom, onChange }: Props) {
  const inClass = useQuery({ ...groupsQuery(classId), enabled: !!classId }).data;
  const [isForSome, setForSome] = useState(whom.students.length + whom.groups.length > 0);
  if (!inClass) return null;
  const choose = (kind: 'all' | 'some') => {
    setForSome(kind === 'some');
    if (kind === 'all') onChange({ ...whom, students: [], groups: [] });
  };
  return (
    <div className="mb-3">
      <Radios
        label="Asked of"
        isLabelled
        values={{ all: 'the whole class', some: 'some of it' }}
        value={isForSome ? 'some' : 'all'}
        onChoose={choose}
      />
      {isForSome && (
        <div className="max-h-56 overflow-auto rounded-md border border-line p-2">
          {inClass.groups.map(({ id, name }) => (
            <Tick
              key={id}
              checked={whom.groups.includes(id)}
              onChange={({ target }) =>
                onChange({ ...whom, groups: toggled(whom.groups, id, target.checked) })
              }
            >
              <span>
                <b>{name}</b>, the group
              </span>
            </Tick>
          ))}
          {inClass.students.map(({ id, name }) => (
            <Tick
              key={id}
              checked={whom.students.includes(id)}
              onChange={({ target }) =>
                onChange({ ...whom, students: toggled(whom.students, id, target.checked) })
              }
            >
              {name}
            </Tick>
          ))}
        </div>
      )}
      <Longer
        students={inClass.students}
        longer={whom.longer}
        onChange={(longer) => onChange({ ...whom, longer })}
      />
    </div>
  );
}

const toggled = (all: readonly string[], id: string, isIn: boolean): string[] =>
  isIn ? [...all, id] : all.filter((one) => one !== id);

type LongerProps = {
  students: Api['StudentName'][];
  longer: Whom['longer'];
  onChange: (longer: Whom['longer']) => void;
};

/** Later days of single students, of which the others learn nothing. */
function Longer({ students, longer, onChange }: LongerProps) {
  const others = students.filter(({ id }) => !(id in longer));
  return (
    <fieldset className="mt-2">
      <legend className="font-semibold">Longer for</legend>
      {students
        .filter(({ id }) => id in longer)
        .map(({ id, name }) => (
          <p key={id} className="flex flex-wrap items-center gap-2 py-0.5">
            <span className="min-w-20 flex-1">{name}</span>
            <input
              type="date"
              required
              aria-label={`Due for ${name}`}
              value={longer[id]}
              className="rounded-md border border-line bg-card px-2 py-1"
              onChange={({ target }) => onChange({ ...longer, [id]: target.value })}
            />
            <Button
              look="quiet"
              aria-label={`No longer for ${name}`}
              onClick={() =>
                onChange(Object.fromEntries(Object.entries(longer).filter(([one]) => one !== id)))
              }
            >
              Take out
            </Button>
          </p>
        ))}
      <select
        aria-label="Who has longer"
        value=""
        className="mt-1 min-h-8 w-full rounded-md border border-line bg-card px-2"
        onChange={({ target }) => target.value && onChange({ ...longer, [target.value]: '' })}
      >
        <option value="">nobody else</option>
        {others.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      <p className="text-[13px] text-soft">The others are not told.</p>
    </fieldset>
  );
}
