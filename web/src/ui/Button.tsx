import type { ButtonHTMLAttributes } from 'react';

type Look = 'act' | 'plain' | 'quiet' | 'warn';

const LOOKS: Record<Look, string> = {
  act: 'px-3 bg-petrol text-on-petrol border-petrol hover:brightness-110',
  plain: 'px-3 bg-card text-ink border-line hover:border-petrol',
  quiet: 'bg-transparent text-petrol border-transparent hover:underline px-1.5',
  warn: 'px-3 bg-card text-rust border-line hover:border-rust',
};

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look; hotkey?: string };

/** A button, with the key that does the same beside its words. */
export function Button({ look = 'plain', hotkey, className = '', children, ...rest }: Props) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-8 min-w-[26px] items-center justify-center gap-2 rounded-md border py-1 font-semibold disabled:opacity-50 ${LOOKS[look]} ${className}`}
      {...rest}
    >
      {children}
      {hotkey && <Key>{hotkey}</Key>}
    </button>
  );
}

/** A button that reads like a link, where it stands among words. */
export function TextButton({ children, onClick }: Pick<Props, 'children' | 'onClick'>) {
  return (
    <button
      type="button"
      className="inline-flex min-h-7 items-center text-[13.5px] font-semibold text-petrol hover:underline"
      onClick={onClick}
    >
      {children}
    </button>
  );
}

export function Key({ children }: { children: string }) {
  return (
    <kbd
      className="rounded border border-current px-1 font-text text-[11px] leading-4 font-semibold opacity-80"
      aria-hidden="true"
    >
      {children}
    </kbd>
  );
}
