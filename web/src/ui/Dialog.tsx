import { type ReactNode, useEffect, useId, useRef } from 'react';

/** A dialog hangs from a height of its own: when more comes into it, what is there stays under the pointer. */
const SIZES = {
  narrow: 'mt-[10vh] max-h-[86vh] max-w-md',
  wide: 'mt-[4vh] max-h-[92vh] max-w-4xl',
  full: 'mt-[4vh] max-h-[92vh] max-w-[1240px]',
};

/** A modal dialog: the browser's own, so that focus stays inside, Escape closes it and focus goes back. */
export function Dialog({
  title,
  onClose,
  children,
  size = 'narrow',
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
  size?: keyof typeof SIZES;
}) {
  const ref = useRef<HTMLDialogElement>(null);
  const heading = useId();
  useEffect(() => {
    ref.current?.showModal();
    // The browser would focus the first button; whoever opens a dialog with a line to type in means to type.
    ref.current?.querySelector<HTMLElement>('input:not(.sr-only, [type=radio]), select, textarea')?.focus();
  }, []);
  return (
    <dialog
      ref={ref}
      aria-labelledby={heading}
      onClose={onClose}
      className={`mb-auto w-[calc(100vw-1.5rem)] overflow-auto rounded-lg p-5 shadow-xl ${SIZES[size]}`}
    >
      <div className="mb-3 flex items-start justify-between gap-4">
        <h2 id={heading} className="text-[19px]">
          {title}
        </h2>
        <button
          type="button"
          className="rounded px-2 py-0.5 text-soft hover:text-ink"
          onClick={() => ref.current?.close()}
        >
          Close
        </button>
      </div>
      {children}
    </dialog>
  );
}
