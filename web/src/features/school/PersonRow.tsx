import { useMutation } from '@tanstack/react-query';
import type { Api } from '../../api';
import { Button } from '../../ui';
import { givePassword } from './queries';

/** A person with their classes; one press gives a new password. */
export function PersonRow({
  person,
  school,
  onGiven,
}: {
  person: Api['MemberView'];
  school: Api['SchoolView'];
  onGiven: (slip: Api['NewPassword']) => void;
}) {
  const give = useMutation({ mutationFn: () => givePassword(person.id), onSuccess: onGiven });
  const classes = school.classes.filter((one) => one.members.includes(person.id)).map((one) => one.name);
  return (
    <li className="flex flex-wrap items-baseline gap-x-3 border-b border-line/60 py-1.5 last:border-0">
      <span className="min-w-40 flex-1 font-semibold">{person.fullName}</span>
      <span className="text-soft">
        {[person.userName, person.role === 'TEACHER' ? 'teacher' : 'student', ...classes].join(' · ')}
      </span>
      <Button look="quiet" disabled={give.isPending} onClick={() => give.mutate()}>
        New password
      </Button>
    </li>
  );
}
