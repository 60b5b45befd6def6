import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, useContext, useEffect, useState, useSyncExternalStore } from 'react';
import type { Api } from '../api';
import { Outbox } from './Outbox';

const Context = createContext<Outbox | null>(null);

const withEntry = (page: Api['PageView'], entry: Api['EntryView']): Api['PageView'] => ({
  ...page,
  entries: page.entries.some((one) => one.id === entry.id)
    ? page.entries.map((one) => (one.id === entry.id ? entry : one))
    : [...page.entries, entry],
});

/** What a change of an entry never changes. */
const ASIDE = ['me', 'page', 'edition', 'editions', 'sheet', 'look-back'];

/** Other tabs of this device hear from here that a page or a collection has changed. */
const CHANNEL = 'notchbook-kept';

export function OutboxProvider({ personId, children }: { personId: string; children: ReactNode }) {
  const queries = useQueryClient();
  const [outbox, setOutbox] = useState<Outbox>();
  useEffect(() => {
    const channel = new BroadcastChannel(CHANNEL);
    const refresh = (pageId: string) => {
      const page = queries.getQueryCache().find({ queryKey: ['page', pageId] });
      // A page that is being fetched for the first time may have been read before this change: it is asked for again.
      if (page?.state.data === undefined && page?.promise)
        page.promise.then(() => page.fetch()).catch(() => {});
      else queries.invalidateQueries({ queryKey: ['page', pageId] });
      queries.invalidateQueries({ queryKey: ['marks', pageId] });
      queries.invalidateQueries({ queryKey: ['version', pageId] });
      queries.invalidateQueries({ queryKey: ['collection', pageId] });
    };
    channel.onmessage = (message) => refresh(message.data);
    const made = new Outbox(personId, (pageId, kept) => {
      if (kept)
        queries.setQueryData<Api['PageView']>(['page', pageId], (page) => page && withEntry(page, kept));
      refresh(pageId);
      // Other screens look again when they are opened, not while somebody types here.
      queries.invalidateQueries({
        refetchType: 'none',
        predicate: ({ queryKey }) => !ASIDE.includes(String(queryKey[0])),
      });
      // But the bin: somebody who opens it right after a deletion looks for what is still on its way there.
      queries.invalidateQueries({ queryKey: ['bin'] });
      channel.postMessage(pageId);
    });
    made.open().then(() => setOutbox(made));
    return () => channel.close();
  }, [personId, queries]);
  return outbox ? <Context.Provider value={outbox}>{children}</Context.Provider> : null;
}

export function useOutbox() {
  const outbox = useContext(Context);
  if (!outbox) throw new Error('There is no outbox above this component.');
  return { outbox, state: useSyncExternalStore(outbox.subscribe, outbox.snapshot) };
}
