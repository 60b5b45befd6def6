import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../api';
import { Button, Dialog, Trouble } from '../../ui';

type Props = { classId: string; student: string; name: string };

/** A teacher gives a student of their class a new password; it is shown once. */
export function NewPassword({ classId, student, name }: Props) {
  const [isOpen, setOpen] = useState(false);
  const give = useMutation({
    mutationFn: () =>
      unwrap(
        api.POST('/api/classes/{id}/students/{student}/password', {
          params: { path: { id: classId, student } },
        }),
      ),
  });
  const close = () => {
    setOpen(false);
    give.reset();
  };
  return (
    <>
      <Button onClick={() => setOpen(true)}>Give a new password</Button>
      {isOpen && (
        <Dialog title={`A new password for ${name}`} onClose={close}>
          <Trouble>{give.error?.message}</Trouble>
          {give.data ? (
            <>
              <p className="mb-2">
                {name} signs in as <b>{give.data.userName}</b> with
              </p>
              <p className="mb-3 rounded-md border border-line bg-wash px-3 py-2 font-head text-[22px] font-bold select-all">
                {give.data.password}
              </p>
              <p className="mb-3 text-soft">
                It is shown this once. Write it down for {name}, or read it out.
              </p>
              <Button look="act" onClick={close}>
                Done
              </Button>
            </>
          ) : (
            <>
              <p className="mb-3">
                The old one no longer works, and {name} is signed out everywhere. Nothing that was written is
                lost.
              </p>
              <Button look="act" disabled={give.isPending} onClick={() => give.mutate()}>
                Make a new password
              </Button>
            </>
          )}
        </Dialog>
      )}
    </>
  );
}
