import type { ReactNode } from 'react';
import { percent } from './words';

/** How far something is that takes a while, from 0 to 1; at 0 nobody can say yet. */
export function AtWork({ share, children }: { share: number; children: ReactNode }) {
  const isKnown = share > 0;
  return (
    <p className="mt-2 text-[14px]">
      <progress
        className="mb-1 block h-2.5 w-full accent-petrol"
        value={isKnown ? share : undefined}
        aria-label="How far it is"
      />
      {isKnown && `${percent(share)} · `}
      {children}
    </p>
  );
}
