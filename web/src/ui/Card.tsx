import type { ReactNode } from 'react';

/** A card on the desk, with a heading when it has one. */
export function Card({
  title,
  aside,
  children,
  className = '',
}: {
  title?: string;
  aside?: ReactNode;
  children: ReactNode;
  className?: string;
}) {
  return (
    <section className={`rounded-lg bg-card p-4 shadow-[0_1px_2px_rgb(23_38_45/8%)] ${className}`}>
      {title && (
        <div className="mb-2 flex items-baseline justify-between gap-3">
          <h2 className="text-[16px]">{title}</h2>
          {aside}
        </div>
      )}
      {children}
    </section>
  );
}

/** What stands where nothing is yet: a sentence that says what to do. */
export function Empty({ children }: { children: ReactNode }) {
  return <p className="py-2 text-soft">{children}</p>;
}
