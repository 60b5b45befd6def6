import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** The way on from a piece of work. */
export function Way({ to, children }: { to: string; children: ReactNode }) {
  return (
    <Link
      to={to}
      className="mt-2 inline-block rounded-md border border-line px-3 py-1 font-semibold hover:border-petrol"
    >
      {children}
    </Link>
  );
}
