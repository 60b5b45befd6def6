import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { forgetForGood } from '../../device';
import { Button, Card, dayName, Heading, TextField, Trouble } from '../../ui';
import { NewPasswordField } from './NewPasswordField';
import { accountQuery, changePassword, signOutDevice, signOutOfAll } from './queries';

/** One's own account: the password, and the devices that are signed in. */
export function AccountScreen() {
  const account = useSuspenseQuery(accountQuery).data;
  return (
    <div className="max-w-3xl">
      <Heading name="Account" className="mb-1 text-[24px]" />
      <p className="mb-3 text-soft">
        {account.fullName}. You sign in as <b>{account.userName}</b>.
      </p>
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-3.5 md:grid-cols-2">
        <PasswordCard fullName={account.fullName} userName={account.userName} />
        <DevicesCard />
      </div>
    </div>
  );
}

function PasswordCard({ fullName, userName }: { fullName: string; userName: string }) {
  const queries = useQueryClient();
  const [old, setOld] = useState('');
  const [password, setPassword] = useState('');
  const change = useMutation({
    mutationFn: () => changePassword({ old, password }),
    onSuccess: () => {
      setOld('');
      setPassword('');
      queries.invalidateQueries({ queryKey: ['account'] });
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    change.mutate();
  };
  return (
    <Card title="Change the password">
      <form onSubmit={submit}>
        <input type="hidden" name="username" autoComplete="username" value={userName} readOnly />
        <TextField
          label="The one that you have now"
          type="password"
          autoComplete="current-password"
          required
          value={old}
          onChange={(event) => setOld(event.target.value)}
        />
        <NewPasswordField
          label="The new one"
          value={password}
          onChange={setPassword}
          fullName={fullName}
          userName={userName}
        />
        <Trouble>{change.error?.message}</Trouble>
        {change.isSuccess && !password && (
          <p role="status" className="mb-2 font-semibold text-moss">
            The password is changed. Your other devices are signed out.
          </p>
        )}
        <Button look="act" type="submit" disabled={change.isPending}>
          Change it
        </Button>
      </form>
    </Card>
  );
}

function DevicesCard() {
  const { devices } = useSuspenseQuery(accountQuery).data;
  const queries = useQueryClient();
  const end = useMutation({
    mutationFn: signOutDevice,
    onSuccess: () => queries.invalidateQueries({ queryKey: ['account'] }),
  });
  const endAll = useMutation({
    mutationFn: signOutOfAll,
    onSuccess: async () => {
      await forgetForGood();
      window.location.assign('/');
    },
  });
  return (
    <Card title="Signed in on">
      <Trouble>{(end.error ?? endAll.error)?.message}</Trouble>
      <ul className="mb-3">
        {devices.map((device) => (
          <li key={device.id} className="flex items-center gap-3 border-b border-line/60 py-2 last:border-0">
            <span className="min-w-0 flex-1">
              {device.name}
              <br />
              <span className="text-[13px] text-soft">
                {device.isThisOne ? 'This device' : `Last seen ${dayName(device.seenAt.slice(0, 10))}`}
              </span>
            </span>
            {!device.isThisOne && (
              <Button onClick={() => end.mutate(device.id)} aria-label={`Sign out ${device.name}`}>
                Sign out
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Button look="warn" onClick={() => endAll.mutate()}>
        Sign out of all
      </Button>
    </Card>
  );
}
