import { type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes, useId } from 'react';

const BOX = 'w-full rounded-md border border-line bg-card px-2.5 py-1.5 text-ink min-h-9';

type Labelled = { label: string; hint?: string };

/** A labelled line to type in. */
export function TextField({ label, hint, ...rest }: Labelled & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId();
  return (
    <div className="mb-3">
      <label htmlFor={id} className="mb-1 block font-semibold">
        {label}
      </label>
      <input id={id} className={BOX} {...rest} />
      {hint && <p className="mt-1 text-[13px] text-soft">{hint}</p>}
    </div>
  );
}

/** A labelled choice. */
export function ChoiceField({
  label,
  children,
  ...rest
}: Labelled & SelectHTMLAttributes<HTMLSelectElement> & { children: ReactNode }) {
  const id = useId();
  return (
    <div className="mb-3">
      <label htmlFor={id} className="mb-1 block font-semibold">
        {label}
      </label>
      <select id={id} className={BOX} {...rest}>
        {children}
      </select>
    </div>
  );
}

/** What is the matter and what to do, read out when it appears. */
export function Trouble({ children }: { children: ReactNode }) {
  return children ? (
    <div role="alert" className="my-2 rounded-md border-l-4 border-rust bg-gone px-3 py-2 text-ink">
      {children}
    </div>
  ) : null;
}
