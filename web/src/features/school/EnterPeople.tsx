import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import type { Api } from '../../api';
import { Button, Card, Radios, Trouble } from '../../ui';
import { enterPeople } from './queries';

const ROLES = { STUDENT: 'Students', TEACHER: 'Teachers', KEEPER: 'Keepers' };

/** People in by their names; their first passwords are shown once. */
export function EnterPeople({ onEntered }: { onEntered: (slips: Api['NewPassword'][]) => void }) {
  const queries = useQueryClient();
  const [role, setRole] = useState<keyof typeof ROLES>('TEACHER');
  const [names, setNames] = useState('');
  const enter = useMutation({
    mutationFn: () => enterPeople(role, names.split('\n')),
    onSuccess: (slips) => {
      setNames('');
      onEntered(slips);
      queries.invalidateQueries({ queryKey: ['school'] });
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    enter.mutate();
  };
  return (
    <Card title="Add people">
      <form onSubmit={submit}>
        <Radios label="Who" values={ROLES} value={role} onChoose={setRole} />
        <label htmlFor="names" className="mt-1 mb-1 block font-semibold">
          Names, one on each line
        </label>
        <textarea
          id="names"
          required
          rows={4}
          value={names}
          onChange={(event) => setNames(event.target.value)}
          placeholder={'Ada Nu\nBo Tern'}
          className="mb-2 w-full rounded-md border border-line bg-card px-2.5 py-1.5"
        />
        <Trouble>{enter.error?.message}</Trouble>
        <Button look="act" type="submit" disabled={enter.isPending}>
          Add
        </Button>
      </form>
    </Card>
  );
}
