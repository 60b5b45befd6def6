import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { TextField } from '../../ui';
import { strengthQuery } from './queries';

/** A new password, with how hard it is to guess in words. */
export function NewPasswordField({
  value,
  onChange,
  fullName,
  userName,
  label = 'Password',
}: {
  value: string;
  onChange: (password: string) => void;
  fullName: string;
  userName: string;
  label?: string;
}) {
  const [isShown, setShown] = useState(false);
  const typed = useDeferredValue(value);
  const strength = useQuery({
    ...strengthQuery({ password: typed, fullName, userName }),
    placeholderData: keepPreviousData,
  }).data;
  return (
    <>
      <TextField
        label={label}
        name="password"
        type={isShown ? 'text' : 'password'}
        autoComplete="new-password"
        required
        maxLength={100}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
      <div className="-mt-2 mb-3 flex flex-wrap items-baseline justify-between gap-3 text-[13px]">
        <p aria-live="polite" className={strength && value ? looks[String(strength.isFit)] : 'text-soft'}>
          {strength && value
            ? strength.words
            : 'Three or four words that have nothing to do with each other are best.'}
        </p>
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            className="accent-petrol"
            checked={isShown}
            onChange={(event) => setShown(event.target.checked)}
          />
          Show it
        </label>
      </div>
    </>
  );
}

const looks: Record<string, string> = { true: 'text-moss', false: 'text-rust' };
