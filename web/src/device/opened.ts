import type { Query } from '@tanstack/react-query';
import type { PersistedClient, Persister } from '@tanstack/react-query-persist-client';
import Dexie, { type EntityTable } from 'dexie';
import { Problem } from '../api';
import { SHELF } from './shared';

/** What was opened on this device stays readable without a network for this long, in ms. */
export const OPENED_MILLIS = 14 * 24 * 3_600_000;

/** What is opened is written down when the screen has been at rest for a moment, in ms. */
const PAUSE_MILLIS = 1_500;

/** What a notebook, or what was handed in, needs to be read without a network; searches and lists over all of it are not kept. */
const KEPT = [
  'me',
  'ruler',
  'week',
  'notebooks',
  'standings',
  'contents',
  'page',
  'edition',
  'marks',
  'own-marks',
  'remarks',
  'patterns',
  'to-cover',
  'set-work',
  'register',
  'version',
  'changes',
  'stock-remarks',
  'announcements',
  'groups',
  'collections',
  'collection',
];

/** Whether the answer to a question is kept on the device; that nobody is signed in is no such answer. */
export const isKept = (key: readonly unknown[], answer: unknown) =>
  KEPT.includes(String(key[0])) && !(key[0] === 'me' && !(answer as { person?: unknown }).person);

/**
 * Whether a question's answer is kept. Asking again without a network fails and leaves the answer as good as it was; where
 * the server itself refused, it is no longer kept.
 */
export const isWorthKeeping = ({ queryKey, state }: Pick<Query, 'queryKey' | 'state'>) =>
  state.data !== undefined && !(state.error instanceof Problem) && isKept(queryKey, state.data);

/** The pictures that were shown, as the service worker keeps them. */
const PICTURES = 'pictures';

class OpenedStore extends Dexie {
  clients!: EntityTable<{ id: string; client: PersistedClient }, 'id'>;

  constructor() {
    super('notchbook-opened');
    this.version(1).stores({ clients: 'id' });
  }
}

/** Before any answer could have been given, in ms since 1970. */
const LONG_AGO = 1;

const store = new OpenedStore();
const ID = 'opened';
let timer: ReturnType<typeof setTimeout> | undefined;
let isLeaving = false;

/** Keeps the answers that screens were shown from, so that they open without a network. */
export const opened: Persister = {
  persistClient: (client) => {
    clearTimeout(timer);
    if (isLeaving || client.clientState.queries.length === 0) return;
    timer = setTimeout(() => void store.clients.put({ id: ID, client }), PAUSE_MILLIS);
  },
  restoreClient: async () => {
    const kept = (await store.clients.get(ID))?.client;
    return kept && stale(kept);
  },
  removeClient: async () => {
    clearTimeout(timer);
    await store.clients.clear();
  },
};

/** What was kept is shown at once and asked for again, however lately it was kept: the server may know more. */
const stale = (client: PersistedClient): PersistedClient => ({
  ...client,
  clientState: {
    ...client.clientState,
    queries: client.clientState.queries.map((query) => ({
      ...query,
      state: { ...query.state, dataUpdatedAt: LONG_AGO, status: 'success', error: null },
    })),
  },
});

/** Leaves nothing on this device that was opened, or shared with it; what waits to be sent stays until its owner signs in again. */
export async function forgetOpened(): Promise<void> {
  await opened.removeClient();
  await globalThis.caches?.delete(PICTURES);
  await globalThis.caches?.delete(SHELF);
}

/** The same for one who signs out: an answer that still comes before the page is gone is not kept any more. */
export async function forgetForGood(): Promise<void> {
  isLeaving = true;
  await forgetOpened();
}
