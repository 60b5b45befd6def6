import type { ComponentProps, ReactNode } from 'react';

/** A box to tick, or one of several choices, with its words: large enough for a finger. */
export function Tick({ children, ...input }: { children: ReactNode } & ComponentProps<'input'>) {
  return (
    <label className="flex min-h-7 items-center gap-2">
      <input type="checkbox" className="size-4 shrink-0 accent-petrol" {...input} />
      {children}
    </label>
  );
}
