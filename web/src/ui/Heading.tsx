import type { ReactNode } from 'react';

/** The heading of a screen; its name also stands in the window's title, so that tabs and history can be told apart. */
export function Heading({
  name,
  className = 'mb-3 text-[24px]',
  children,
}: {
  name: string;
  className?: string;
  children?: ReactNode;
}) {
  return (
    <>
      <title>{`${name} · Notchbook`}</title>
      <h1 className={className}>{children ?? name}</h1>
    </>
  );
}
