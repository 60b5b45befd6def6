import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import type { Api } from '../../api';
import { linksQuery } from './queries';

/** What a link leads to, and what it is called. */
export type Giving = { kind: Api['ReaderLinkBody']['kind']; of: string; title: string };

/** A page does without the code of this until a link is given. */
const LinkDialog = lazy(async () => ({ default: (await import('./LinkDialog')).LinkDialog }));

/** Giving a link: whether one may, the press that begins it, and the dialog, which stands outside of any menu. */
export function useGivingLink(thing: Giving) {
  const [isOpen, setOpen] = useState(false);
  const { rule = 'NONE' } = useQuery(linksQuery).data ?? {};
  return {
    isAllowed: rule !== 'NONE',
    give: () => setOpen(true),
    dialog: isOpen && (
      <Suspense>
        <LinkDialog {...thing} onClose={() => setOpen(false)} />
      </Suspense>
    ),
  };
}
