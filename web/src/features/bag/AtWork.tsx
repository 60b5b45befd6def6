import type { ReactNode } from 'react';
import { percent } from '../../ui';

/** How far something is that takes a while, from 0 to 1. */
export function AtWork({ share, children }: { share: number; children: ReactNode }) {
  return (
    <p className="mt-2 text-[14px]">
      <progress className="mb-1 block h-2.5 w-full accent-petrol" value={share} aria-label="How far it is" />
      {percent(share)} · {children}
    </p>
  );
}
