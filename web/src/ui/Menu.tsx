import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

/** A button with a list of things to do; `label` says what it is for where its words alone do not. */
export function Menu({ name, label, children }: { name: string; label?: string; children: ReactNode }) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label={label}
        className="min-h-[24px] min-w-[24px] rounded-md px-1.5 font-semibold text-petrol hover:underline"
      >
        {name} ▾
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        align="end"
        sideOffset={4}
        className="z-40 min-w-40 rounded-md border border-line bg-card p-1 text-[13.5px] text-ink shadow-lg"
      >
        {children}
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}

export function MenuItem({ onSelect, children }: { onSelect: () => void; children: ReactNode }) {
  return (
    <DropdownMenu.Item
      className="cursor-pointer rounded px-2.5 py-1 outline-none data-highlighted:bg-petrol-wash"
      onSelect={onSelect}
    >
      {children}
    </DropdownMenu.Item>
  );
}
