import { useSuspenseQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useParams } from 'react-router';
import type { Api } from '../../api';
import { Button, Card, Empty, Heading, plural, TextField, Tick, Trouble } from '../../ui';
import { useMe } from '../people';
import { GroupForm } from './GroupForm';
import { groupsQuery } from './queries';
import { useGroups } from './useGroups';

/** The groups of a class: who is in which, and who in none. */
export function GroupsScreen() {
  const { class: id = '' } = useParams();
  const me = useMe();
  const isTeacher = me.role === 'TEACHER';
  const { className, studentsMayMake, mayMake, groups, students } = useSuspenseQuery(groupsQuery(id)).data;
  const { keep, end, split, letStudentsMake, error } = useGroups(id);
  const [open, setOpen] = useState<string>();
  const nameOf = (student: string) => students.find((one) => one.id === student)?.name ?? '';
  const placed = new Set(groups.flatMap(({ members }) => members));
  const loose = students.filter((student) => !placed.has(student.id));
  return (
    <div className="grid max-w-5xl grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[1fr_330px]">
      <div>
        <Heading name={`Groups of ${className}`} />
        <Trouble>{error?.message}</Trouble>
        <Card>
          {groups.length === 0 && <Empty>{noneYet(isTeacher, mayMake)}</Empty>}
          <ul>
            {groups.map((group) => (
              <li key={group.id} className="border-b border-line py-2.5 last:border-0">
                {open === group.id ? (
                  <GroupForm
                    students={students}
                    group={group}
                    always={isTeacher ? undefined : me.id}
                    onKeep={keep}
                    onDone={() => setOpen(undefined)}
                  />
                ) : (
                  <GroupRow
                    group={group}
                    names={group.members.map(nameOf)}
                    isMine={group.members.includes(me.id)}
                    onChange={() => setOpen(group.id)}
                    onEnd={() => end(group)}
                  />
                )}
              </li>
            ))}
          </ul>
          {groups.length > 0 && loose.length > 0 && (
            <p className="mt-2 text-[13.5px] text-soft">
              In no group: {loose.map(({ name }) => name).join(', ')}
            </p>
          )}
        </Card>
      </div>
      <div className="grid gap-3 lg:mt-[38px]">
        {mayMake && (
          <Card title="New group">
            <GroupForm
              key={groups.length}
              students={students}
              always={isTeacher ? undefined : me.id}
              onKeep={keep}
              onDone={() => {}}
            />
          </Card>
        )}
        {isTeacher && (
          <>
            {loose.length > 0 && <SplitCard loose={loose.length} onSplit={split} />}
            <Card title="Who makes groups">
              <Tick
                checked={studentsMayMake}
                onChange={({ target: { checked } }) => letStudentsMake(checked)}
              >
                Students may make groups too
              </Tick>
            </Card>
          </>
        )}
      </div>
    </div>
  );
}

const noneYet = (isTeacher: boolean, mayMake: boolean): string => {
  if (isTeacher) return 'No groups yet. Name one, or split the class by lot.';
  return mayMake
    ? 'No groups yet. Make one with others of your class.'
    : 'Your teacher has made no groups yet.';
};

type RowProps = {
  group: Api['GroupView'];
  names: string[];
  isMine: boolean;
  onChange: () => void;
  onEnd: () => void;
};

function GroupRow({ group, names, isMine, onChange, onEnd }: RowProps) {
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1">
      <div className="min-w-52 flex-1">
        <b>{group.name}</b>
        {isMine && <span className="text-[13px] text-soft"> · you are in it</span>}
        <span className="block text-soft">{names.join(', ')}</span>
      </div>
      {group.mayChange && (
        <span className="flex gap-2">
          <Button aria-label={`Change ${group.name}`} onClick={onChange}>
            Change
          </Button>
          <Button look="quiet" aria-label={`End ${group.name}`} onClick={onEnd}>
            End
          </Button>
        </span>
      )}
    </div>
  );
}

function SplitCard({ loose, onSplit }: { loose: number; onSplit: (size: number) => void }) {
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    onSplit(Number(new FormData(event.currentTarget).get('size')));
  };
  return (
    <Card title="By lot">
      <p className="mb-2 text-soft">{plural(loose, 'student')} in no group yet.</p>
      <form onSubmit={submit}>
        <TextField
          label="About how many in a group"
          name="size"
          type="number"
          min={2}
          max={Math.max(2, loose)}
          defaultValue={Math.min(3, Math.max(2, loose))}
          required
        />
        <Button type="submit">Split them</Button>
      </form>
    </Card>
  );
}
