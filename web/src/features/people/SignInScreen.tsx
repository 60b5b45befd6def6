import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { api, unwrap } from '../../api';
import { forgetOpened } from '../../device';
import { Button, Shape, TextField, Trouble } from '../../ui';
import { meQuery } from './queries';

export function SignInScreen({ isUnreachable }: { isUnreachable: boolean }) {
  const queries = useQueryClient();
  const signIn = useMutation({
    mutationFn: (body: { name: string; password: string }) => unwrap(api.POST('/api/sign-in', { body })),
    onSuccess: async (me) => {
      // What another person had opened here is not this one's to see.
      queries.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'me' });
      await forgetOpened();
      queries.setQueryData(meQuery.queryKey, me);
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    signIn.mutate({ name: String(form.get('name')), password: String(form.get('password')) });
  };
  return (
    <main className="grid min-h-screen place-items-center p-4">
      <div className="w-full max-w-sm">
        <div className="flex px-7" aria-hidden="true">
          {['TYPED', 'HANDWRITTEN', 'PHOTO', 'RECORDING', 'REFLECTION', 'ATTACHED'].map((kind) => (
            <span key={kind} className="flex-1 text-center text-petrol">
              <Shape kind={kind as 'TYPED'} size={18} silent />
            </span>
          ))}
        </div>
        <form onSubmit={submit} className="mt-2 rounded-lg bg-card p-7 shadow-[0_1px_3px_rgb(23_38_45/12%)]">
          <title>Sign in · Notchbook</title>
          <h1 className="text-[26px]">Notchbook</h1>
          <p className="mt-1 mb-5 text-soft">Your notes, keyed to the syllabus.</p>
          {isUnreachable && (
            <Trouble>
              The school's server does not answer. Check the network, then load this page again.
            </Trouble>
          )}
          <Trouble>{signIn.error?.message}</Trouble>
          <TextField
            label="Name"
            name="name"
            autoComplete="username"
            autoFocus
            required
            autoCapitalize="none"
          />
          <TextField
            label="Password"
            name="password"
            type="password"
            autoComplete="current-password"
            required
          />
          <Button look="act" type="submit" className="mt-2 w-full" disabled={signIn.isPending}>
            Sign in
          </Button>
        </form>
        <p className="mt-3 text-center text-[13.5px]">
          <a href="/seal" className="text-petrol hover:underline">
            Check the seal of a package
          </a>
        </p>
      </div>
    </main>
  );
}
