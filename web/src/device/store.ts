import Dexie, { type EntityTable } from 'dexie';
import type { Api, Outgoing } from '../api';

/** What an entry was when this device began to change it. */
export type Base = Pick<Change, 'pageId' | 'zone' | 'beside' | 'content' | 'caption' | 'width'>;

/** An entry as this device has it, until the server has it too. */
export type Change = {
  id: string;
  pageId: string;
  zone: string;
  beside?: string;
  copiedFrom?: string;
  kind: Api['EntryView']['kind'];
  content: unknown;
  mediaId?: string;
  caption: string;
  width: Api['EntryView']['width'];
  baseVersion: number;
  /** Goes along only when the change met another one, to be merged with it. */
  base?: Base;
  madeAt: string;
  /** Counts up with every change, so that a sender sees whether more was typed while it was sending. */
  turn: number;
  /** The browser tab that sends it. */
  tab: string;
  /** The tab that it was written in: what it sends replaces what it sent before, whether or not it heard the answer. */
  writer?: string;
};

/** Something else that was done, such as cutting a notch: a request that is sent in its turn. */
export type Act = {
  id?: number;
  /** The page or the collection that it was done on; or the version, where a teacher reads. */
  pageId: string;
  method: 'PUT' | 'POST' | 'PATCH' | 'DELETE';
  path: string;
  body?: unknown;
  /** A file of this device's that has to be there first. */
  fileId?: string;
  tab: string;
};

/** A photo for a scan bench; it is known there by the same id. */
export type ShotWork = { id: string; scan: string; pageId: string; insteadOf?: string };

/** A picture or sound that the server does not have yet. */
export type WaitingFile = Outgoing;

/** A second of a recording that is being made, kept as it comes. */
export type Slice = { id?: number; recording: string; blob: Blob };

/** Where a recording goes. */
export type TakeWork = { recording: string; pageId: string; zone: string };

/** What is known of a recording that is being made, beside its sound. */
export type KeptTake = TakeWork & {
  content: unknown;
  caption?: string;
  kind?: 'RECORDING' | 'CLIP';
  /** Where the server keeps what was sent of it meanwhile. */
  upload?: string;
};

/** What this device keeps of one person's work. */
export class DeviceStore extends Dexie {
  changes!: EntityTable<Change, 'id'>;
  files!: EntityTable<WaitingFile, 'id'>;
  slices!: EntityTable<Slice, 'id'>;
  acts!: EntityTable<Act, 'id'>;
  takes!: EntityTable<KeptTake, 'recording'>;

  constructor(personId: string) {
    super(`notchbook-${personId}`);
    this.version(1).stores({ changes: 'id, pageId', files: 'id', slices: '++id, recording' });
    this.version(2).stores({ acts: '++id, tab' });
    this.version(3)
      .stores({ takes: 'recording' })
      .upgrade(async (tables) => {
        // A slice knew its page by itself before there were takes.
        const slices: (Slice & TakeWork)[] = await tables.table('slices').toArray();
        for (const { recording, pageId, zone } of slices)
          await tables.table('takes').put({ recording, pageId, zone, content: {} });
      });
  }
}
