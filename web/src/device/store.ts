import Dexie, { type EntityTable } from 'dexie';
import type { Api, Outgoing } from '../api';

/** An entry as this device has it, until the server has it too. */
export type Change = {
  id: string;
  pageId: string;
  kind: Api['EntryView']['kind'];
  content: unknown;
  mediaId?: string;
  caption: string;
  width: Api['EntryView']['width'];
  baseVersion: number;
  madeAt: string;
  /** Counts up with every change, so that a sender sees whether more was typed while it was sending. */
  turn: number;
  /** The browser tab that sends it. */
  tab: string;
};

/** A picture or sound that the server does not have yet. */
export type WaitingFile = Outgoing;

/** A second of a recording that is being made, kept as it comes. */
export type Slice = { id?: number; recording: string; pageId: string; startedAt: string; blob: Blob };

/** What this device keeps of one person's work. */
export class DeviceStore extends Dexie {
  changes!: EntityTable<Change, 'id'>;
  files!: EntityTable<WaitingFile, 'id'>;
  slices!: EntityTable<Slice, 'id'>;

  constructor(personId: string) {
    super(`notchbook-${personId}`);
    this.version(1).stores({ changes: 'id, pageId', files: 'id', slices: '++id, recording' });
  }
}
