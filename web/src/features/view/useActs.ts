import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { type Act, useOutbox, type WaitingFile } from '../../device';
import type { Collection } from './details';
import { type LookedAt, lookedAtQuery } from './queries';

export type ActWish = Pick<Act, 'method' | 'body'> & {
  path: string;
  /** A file that has to be there first. */
  file?: WaitingFile;
  /** What is seen of it at once: of the collection, and of how it is looked at. */
  show?: (now: Collection) => Collection;
  showViews?: (now: LookedAt) => LookedAt;
};

/**
 * Acts on any collection. Each is seen at once, is kept on the device, and is sent after those before it when there is a
 * network; after the last one the server is asked what the collection holds.
 */
export function useActing() {
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  return async (id: string, { file, show, showViews, ...wish }: ActWish) => {
    if (show) queries.setQueryData<Collection>(['collection', id], (now) => now && show(now));
    if (showViews) queries.setQueryData(lookedAtQuery(id).queryKey, (now) => now && showViews(now));
    // An answer that is older than this act would put back what was there. Nothing waits for it: acts are sent in their order.
    void queries.cancelQueries({ queryKey: ['collection', id] });
    await (file ? outbox.actWithFile({ pageId: id, ...wish }, file) : outbox.act({ pageId: id, ...wish }));
  };
}

/** The same on one collection. */
export function useActs(id: string) {
  const acting = useActing();
  const { messages } = useOutbox().state;
  const [before] = useState(messages);
  return {
    act: (wish: ActWish) => acting(id, wish),
    /** What the server refused since the screen or the dialog was opened. */
    trouble: messages.filter((message) => !before.includes(message)).at(-1),
  };
}
