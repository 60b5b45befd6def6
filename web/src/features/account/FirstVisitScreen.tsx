import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import type { Api } from '../../api';
import { Button, TextField, Trouble } from '../../ui';
import { meQuery } from '../people';
import { NewPasswordField } from './NewPasswordField';
import { begin } from './queries';
import { userNameOf } from './userName';

type Role = Api['FirstVisitBody']['role'];

const PURPOSES: { role: Role; name: string; words: string }[] = [
  { role: 'STUDENT', name: 'For myself, as a student', words: 'Your own notebooks. No school, no classes.' },
  { role: 'TEACHER', name: 'For myself, as a teacher', words: 'Your own syllabi and plans.' },
  {
    role: 'KEEPER',
    name: 'For a school',
    words: 'You look after its people: you add teachers, students and classes, and read no work.',
  },
];

/** The first account of an empty Notchbook. */
export function FirstVisitScreen() {
  const queries = useQueryClient();
  const [form, setForm] = useState({ code: '', fullName: '', userName: '', password: '' });
  const [role, setRole] = useState<Role>('STUDENT');
  const userName = form.userName || userNameOf(form.fullName);
  const start = useMutation({
    mutationFn: () => begin({ ...form, userName, role }),
    onSuccess: () => queries.resetQueries({ queryKey: meQuery.queryKey }),
  });
  const put = (part: Partial<typeof form>) => setForm({ ...form, ...part });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    start.mutate();
  };
  return (
    <main className="grid min-h-screen place-items-center p-4">
      <form
        onSubmit={submit}
        className="w-full max-w-xl rounded-lg bg-card p-7 shadow-[0_1px_3px_rgb(23_38_45/12%)]"
      >
        <title>First visit · Notchbook</title>
        <h1 className="text-[26px]">Welcome to Notchbook</h1>
        <p className="mt-1 mb-5 text-soft">Nobody has an account here yet. Make the first one.</p>
        <TextField
          label="Code"
          name="code"
          required
          autoFocus
          autoComplete="one-time-code"
          placeholder="ABCDE-23456"
          hint="It stands in the window in which Notchbook was started."
          value={form.code}
          onChange={(event) => put({ code: event.target.value })}
        />
        <div className="grid gap-x-3 sm:grid-cols-2">
          <TextField
            label="Your name"
            name="name"
            required
            maxLength={120}
            autoComplete="name"
            value={form.fullName}
            onChange={(event) => put({ fullName: event.target.value })}
          />
          <TextField
            label="Name to sign in with"
            name="userName"
            required
            maxLength={60}
            autoComplete="username"
            autoCapitalize="none"
            value={userName}
            onChange={(event) => put({ userName: event.target.value })}
          />
        </div>
        <NewPasswordField
          value={form.password}
          onChange={(password) => put({ password })}
          fullName={form.fullName}
          userName={userName}
        />
        <fieldset className="mt-2 mb-4">
          <legend className="mb-1 font-semibold">What is it for?</legend>
          {PURPOSES.map((purpose) => (
            <label
              key={purpose.role}
              className="mb-1.5 flex cursor-pointer items-baseline gap-2.5 rounded-md border border-line px-3 py-2 has-checked:border-petrol has-checked:bg-petrol-wash"
            >
              <input
                type="radio"
                name="role"
                className="accent-petrol"
                checked={role === purpose.role}
                onChange={() => setRole(purpose.role)}
              />
              <span>
                <b>{purpose.name}</b>
                <br />
                <span className="text-soft">{purpose.words}</span>
              </span>
            </label>
          ))}
        </fieldset>
        <Trouble>{start.error?.message}</Trouble>
        <Button look="act" type="submit" className="w-full" disabled={start.isPending}>
          Make the account
        </Button>
      </form>
    </main>
  );
}
