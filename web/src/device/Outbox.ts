import { v7 as newId } from 'uuid';
import { type Api, api, Problem, sendAct, sendFile, unwrap } from '../api';
import { LastKeys } from './LastKeys';
import { hold, whenFree } from './locks';
import { Recordings } from './Recordings';
import { type Act, type Base, type Change, DeviceStore, type ShotWork, type WaitingFile } from './store';

/** How long after a keystroke it is sent, with what was typed meanwhile, in ms. */
const PAUSE_MILLIS = 600;
const RETRY_MILLIS = 3_000;

/** Two frames: by then a key has been painted. */
const PAINT_MILLIS = 32;

export type OutboxState = {
  /** Entries that the server does not have yet, by id. */
  waiting: ReadonlyMap<string, Change>;
  /** How many acts wait to be sent. */
  acts: number;
  isOffline: boolean;
  lastKept?: number;
  /** A large file on its way, and how much of it is there, from 0 to 1. */
  sending?: { name: string; share: number };
  /** What the server refused, in words for the student. */
  messages: readonly string[];
  /** What two devices changed in the same words: both stand, until the student keeps one or is content with both. */
  twice: readonly Twice[];
  /** Recordings that break off: how much of each can be heard, by the entry that it is for. */
  brokenOff: ReadonlyMap<string, string>;
};

/** An entry that is on its page twice, by the ids of what this device wrote and of what another one did. */
export type Twice = { pageId: string; mine: string; other: string; words: string };

/** A version that no entry has: what is made from it is merged with what is there. */
const BEHIND = -1;

/** The caption of what this device wrote where another one changed the same words. */
const FROM_HERE = 'From this device';

type Work = Omit<Change, 'baseVersion' | 'turn' | 'madeAt' | 'tab' | 'writer'>;

/**
 * Everything that is made goes here first: it is on the device at once and sent when it can be. A change that was made
 * from an older version than the server's becomes an entry of its own, so that both are kept.
 */
export class Outbox {
  private state: OutboxState = {
    waiting: new Map(),
    acts: 0,
    isOffline: false,
    messages: [],
    twice: [],
    brokenOff: new Map(),
  };
  private readonly listeners = new Set<() => void>();
  private readonly versions = new Map<string, number>();
  /** Entries that the server merged, and what was on this screen when it did. */
  private readonly merged = new Map<string, { version: number; content: unknown; shown: Base }>();
  private readonly store: DeviceStore;
  readonly recordings: Recordings;
  private readonly lastKeys: LastKeys;
  private timer?: ReturnType<typeof setTimeout>;
  private sendAt?: number;
  private telling?: ReturnType<typeof setTimeout>;
  private isSending = false;
  private isCarrying = false;
  /** Something was wanted of a sender or a carrier that was at work, and may have come too late for it. */
  private isSendWanted = false;
  private isCarryWanted = false;
  private readonly tab = `tab-${newId()}`;

  constructor(
    personId: string,
    private readonly onKept: (pageId: string, kept?: Api['EntryView']) => void,
  ) {
    this.store = new DeviceStore(personId);
    this.lastKeys = new LastKeys(personId, this.tab);
    this.recordings = new Recordings(this.store, (work, file) => this.keepWithFile(work, file));
    window.addEventListener('online', () => this.send());
  }

  /** Takes up what an earlier visit left on this device; what belongs to another tab, when that tab is gone. */
  async open(): Promise<void> {
    hold(this.tab);
    await this.lastKeys.handOver((change) => this.writeLater(change));
    // What was asked in a tab that is gone is asked again.
    await this.store.files.toCollection().modify({ isAsked: false });
    const left = [...(await this.store.changes.toArray()), ...(await this.store.acts.toArray())];
    const tabs = new Set(left.map((one) => one.tab));
    const recordings = await this.recordings.left();
    for (const tab of tabs) whenFree(tab).then(() => this.takeOver(tab));
    for (const recording of recordings) whenFree(recording).then(() => this.rescue(recording));
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = () => this.state;

  /** Notes the versions that the server has, from which later changes are made. */
  knows(entries: readonly Api['EntryView'][]) {
    for (const entry of entries) {
      this.versions.set(entry.id, Math.max(entry.version, this.versions.get(entry.id) ?? 0));
      // What the screen learns of a later version comes after what was merged.
      if (entry.version > (this.merged.get(entry.id)?.version ?? entry.version)) this.merged.delete(entry.id);
    }
  }

  /**
   * Keeps an entry on the device and sends it after a pause. `work.base` is what it was made from; where that is behind what
   * the server has, the server merges the two.
   */
  keep(work: Work, isBehind = false): Promise<unknown> {
    const before = this.state.waiting.get(work.id);
    const lag = this.lagOf(work);
    const change: Change = {
      ...work,
      base: before ? before.base : (lag ?? work.base),
      baseVersion: before?.baseVersion ?? (isBehind || lag ? BEHIND : (this.versions.get(work.id) ?? 0)),
      madeAt: before?.madeAt ?? new Date().toISOString(),
      turn: (before?.turn ?? 0) + 1,
      tab: this.tab,
      writer: before?.writer ?? this.tab,
    };
    this.put(change, !!before && work.kind === 'TYPED');
    this.sendSoon(PAUSE_MILLIS);
    return this.lastKeys.until(change, this.store.changes.put(change));
  }

  /** What the screen still shows of an entry that was merged; nothing once it shows what the server has. */
  private lagOf({ id, base }: Work): Base | undefined {
    const merged = this.merged.get(id);
    if (!merged || !isSame(base?.content, merged.content)) return merged?.shown;
    this.merged.delete(id);
    return undefined;
  }

  /** Keeps an entry together with its picture or sound. Gives whether there was room for it. */
  async keepWithFile(work: Omit<Work, 'mediaId'>, file: Omit<WaitingFile, 'id'>): Promise<boolean> {
    const mediaId = newId();
    if (!(await this.keepFile({ id: mediaId, ...file }))) return false;
    await this.keep({ ...work, mediaId });
    this.sendSoon(0);
    return true;
  }

  /** Keeps a photo for a scan bench; it is laid there when the server has it. */
  async keepShot(shot: ShotWork, file: Omit<WaitingFile, 'id'>): Promise<void> {
    const { id, scan, pageId, insteadOf } = shot;
    if (!(await this.keepFile({ id, ...file }))) return;
    const path = `/api/scans/${scan}/shots/${id}`;
    await this.act({ pageId, method: 'PUT', path, body: { photoId: id, insteadOf }, fileId: id });
  }

  private async keepFile(file: WaitingFile): Promise<boolean> {
    try {
      await this.store.files.put(file);
      return true;
    } catch {
      const full = `There is no room for “${file.name}” on this device. Free some space and add it again.`;
      this.set({ messages: [...this.state.messages, full] });
      return false;
    }
  }

  /** Keeps something that was done on the device and sends it after what was done before. */
  async act(act: Omit<Act, 'id' | 'tab'>): Promise<void> {
    await this.store.acts.add({ ...act, tab: this.tab });
    await this.countActs();
    this.sendSoon(0);
  }

  /** Keeps something that was done together with its picture or sound, by whose id it goes. */
  async actWithFile(act: Omit<Act, 'id' | 'tab'>, file: WaitingFile): Promise<void> {
    if (await this.keepFile(file)) await this.act({ ...act, fileId: file.id });
  }

  /** A file that is still on this device only. */
  file = (mediaId: string) => this.store.files.get(mediaId);

  /** Forgets an entry that was deleted before it was sent. */
  async forget(id: string): Promise<void> {
    const change = this.state.waiting.get(id);
    this.take(id);
    await this.store.changes.delete(id);
    if (change?.mediaId) await this.store.files.delete(change.mediaId);
  }

  dismiss = (message: string) => this.set({ messages: this.state.messages.filter((one) => one !== message) });

  /** Sends what waits, one entry after the other; called again when the network or the server is back. */
  async send(): Promise<void> {
    if (this.isSending) {
      this.isSendWanted = true;
      return;
    }
    this.isSending = true;
    this.isSendWanted = false;
    this.carryFiles();
    try {
      const carried = new Set(await this.store.files.toCollection().primaryKeys());
      const ready = () => [...this.state.waiting.values()].filter((one) => !carried.has(one.mediaId ?? ''));
      const ids = ready().map((one) => one.id);
      for (const id of ids) {
        // What was typed or taken back while the ones before it went counts.
        const change = this.state.waiting.get(id);
        if (change) await this.sendOne(change);
      }
      const acts = await this.sendActs();
      if (ids.length + acts > 0) this.set({ isOffline: false });
      if (ready().length > 0) this.sendSoon(PAUSE_MILLIS);
    } catch {
      this.set({ isOffline: true });
      this.sendSoon(RETRY_MILLIS);
    } finally {
      this.isSending = false;
      if (this.isSendWanted) this.sendSoon(0);
    }
  }

  /** Gives how many acts were sent. An entry has to be there before something can be done to it: what comes later waits. */
  private async sendActs(): Promise<number> {
    let sent = 0;
    const carried = new Set(await this.store.files.toCollection().primaryKeys());
    for (const act of await this.ownActs()) {
      if (act.fileId && carried.has(act.fileId)) continue;
      if ([...this.state.waiting.keys()].some((id) => isAbout(act, id))) break;
      await this.sendOneAct(act);
      sent += 1;
    }
    return sent;
  }

  /** Files go beside everything else, one after the other: what is typed meanwhile does not wait for them. */
  private async carryFiles(): Promise<void> {
    if (this.isCarrying) {
      this.isCarryWanted = true;
      return;
    }
    this.isCarrying = true;
    this.isCarryWanted = false;
    try {
      for (const change of [...this.state.waiting.values()])
        await this.carryFile(change.mediaId, (error) =>
          error.body.canKeepPart ? this.ask(change, error) : this.refuse(change, error),
        );
      for (const act of await this.ownActs())
        await this.carryFile(act.fileId, (error, name) => this.refuseShot(act, error, name));
    } catch {
      this.set({ isOffline: true });
      this.sendSoon(RETRY_MILLIS);
    } finally {
      this.isCarrying = false;
      this.set({ sending: undefined });
      if (this.isCarryWanted && !this.state.isOffline) this.carryFiles();
    }
  }

  private async carryFile(
    id: string | undefined,
    refuse: (error: Problem, name: string) => Promise<void>,
  ): Promise<void> {
    const file = id ? await this.store.files.get(id) : undefined;
    if (!file || file.isAsked) return;
    try {
      await sendFile(file, (share) => this.set({ sending: { name: file.name, share } }));
      await this.store.files.delete(file.id);
      this.set({ isOffline: false, sending: undefined });
      this.sendSoon(0);
    } catch (error) {
      if (!isRefused(error)) throw error;
      await refuse(error, file.name);
    }
  }

  private async sendOne(change: Change): Promise<void> {
    const { base, ...alone } = change;
    try {
      await this.settle(change, await sent(alone));
    } catch (error) {
      if (!isRefused(error)) throw error;
      if (error.status === 409 && base) await this.mergeOne(change);
      else await (error.status === 409 ? this.keepBoth(change, error) : this.refuse(change, error));
    }
  }

  /** A change that met another one is sent with what it was made from. */
  private async mergeOne(change: Change): Promise<void> {
    try {
      const kept = await sent(change);
      this.merged.set(change.id, { version: kept.version, content: kept.content, shown: baseOf(change) });
      await this.settle(change, kept, BEHIND);
    } catch (error) {
      if (!isRefused(error)) throw error;
      await (error.status === 409 ? this.keepBoth(change, error) : this.refuse(change, error));
    }
  }

  private async sendOneAct(act: Act): Promise<void> {
    try {
      await sendAct(act);
    } catch (error) {
      if (!isRefused(error)) throw error;
      // What is gone already needs nothing done to it.
      if (error.status !== 404) this.set({ messages: [...this.state.messages, error.message] });
    }
    await this.store.acts.delete(act.id as number);
    await this.countActs();
    const left = await this.ownActs();
    if (!left.some(({ pageId }) => pageId === act.pageId)) this.onKept(act.pageId);
    this.set({ lastKept: Date.now() });
  }

  private ownActs = () => this.store.acts.where({ tab: this.tab }).sortBy('id');

  private async countActs(): Promise<void> {
    this.set({ acts: await this.store.acts.where({ tab: this.tab }).count() });
  }

  /** The server has this change; what was typed meanwhile waits on, made from what was sent. */
  private async settle(change: Change, kept: Api['EntryView'], baseVersion = kept.version): Promise<void> {
    this.versions.set(change.id, kept.version);
    // First the page learns what the server has, then the change goes: an entry is never gone from the screen between.
    this.onKept(change.pageId, kept);
    const now = this.state.waiting.get(change.id);
    if (now && now.turn !== change.turn) {
      const next = { ...now, baseVersion, base: baseOf(change) };
      this.put(next);
      await this.store.changes.put(next);
    } else {
      this.take(change.id);
      await this.store.changes.delete(change.id);
    }
    this.set({ lastKept: Date.now() });
  }

  private async keepBoth(change: Change, problem: Problem): Promise<void> {
    const now = this.state.waiting.get(change.id) ?? change;
    const mine = newId();
    await this.forget(change.id);
    await this.keep({ ...now, id: mine, base: undefined, caption: now.caption || FROM_HERE });
    const { id: other, pageId } = change;
    this.set({ twice: [...this.state.twice, { pageId, mine, other, words: problem.message }] });
    this.onKept(pageId);
  }

  /** Keeps one of two, and puts the other into the bin; without one named, both stay. */
  keepOne = async (twice: Twice, kept?: 'mine' | 'other') => {
    this.set({ twice: this.state.twice.filter((one) => one !== twice) });
    if (!kept) return;
    const gone = kept === 'mine' ? twice.other : twice.mine;
    await this.act({ pageId: twice.pageId, method: 'DELETE', path: `/api/entries/${gone}` });
  };

  private async refuse(change: Change, problem: Problem): Promise<void> {
    await this.forget(change.id);
    this.set({ messages: [...this.state.messages, problem.message] });
    this.onKept(change.pageId);
  }

  /** What breaks off waits on the device until the student says what becomes of it. */
  private async ask(change: Change, problem: Problem): Promise<void> {
    await this.store.files.update(change.mediaId as string, { isAsked: true });
    this.set({ brokenOff: new Map(this.state.brokenOff).set(change.id, problem.message) });
  }

  /** Keeps what is there of a recording that breaks off, or leaves it out. */
  keepPart = async (entry: string, isKept: boolean) => {
    const brokenOff = new Map(this.state.brokenOff);
    brokenOff.delete(entry);
    this.set({ brokenOff });
    const mediaId = this.state.waiting.get(entry)?.mediaId;
    if (!isKept) return this.forget(entry);
    if (mediaId) await this.store.files.update(mediaId, { isAsked: false, isCutOff: true });
    await this.send();
  };

  /** A broken photo among many: it is named, and the others go on. */
  private async refuseShot(act: Act, problem: Problem, name: string): Promise<void> {
    await this.store.files.delete(act.fileId as string);
    await this.store.acts.delete(act.id as number);
    await this.countActs();
    this.set({ messages: [...this.state.messages, `“${name}”: ${problem.message}`] });
  }

  /** Writes down what a page had not yet written when it went, unless what is written is later. */
  private async writeLater(change: Change): Promise<void> {
    const written = await this.store.changes.get(change.id);
    if (!written || written.turn < change.turn) await this.store.changes.put(change);
  }

  private async takeOver(tab: string): Promise<void> {
    const left = (await this.store.changes.toArray()).filter((change) => change.tab === tab);
    for (const change of left) {
      const mine = { ...change, tab: this.tab };
      await this.store.changes.put(mine);
      this.put(mine);
    }
    await this.store.acts.where({ tab }).modify({ tab: this.tab });
    await this.countActs();
    this.send();
  }

  private async rescue(recording: string): Promise<void> {
    if (!(await this.recordings.left()).has(recording)) return;
    await this.recordings.finish(recording, true);
    this.set({ messages: [...this.state.messages, 'A recording that was cut off is back on its page.'] });
  }

  /** Sends once the time is over, however much is typed meanwhile; a sooner wish wins. */
  private sendSoon(millis: number) {
    const at = Date.now() + millis;
    if (this.sendAt && this.sendAt <= at) return;
    clearTimeout(this.timer);
    this.sendAt = at;
    this.timer = setTimeout(() => {
      this.sendAt = undefined;
      this.send();
    }, millis);
  }

  private put(change: Change, isTyping = false) {
    const waiting = new Map(this.state.waiting).set(change.id, change);
    if (isTyping) this.setAfterPaint({ waiting });
    else this.set({ waiting });
  }

  /** What is typed is kept at once, but screens hear of it only when the key has been painted: typing goes first. */
  private setAfterPaint(part: Partial<OutboxState>) {
    this.state = { ...this.state, ...part };
    this.telling ??= setTimeout(() => this.set({}), PAINT_MILLIS);
  }

  private take(id: string) {
    const waiting = new Map(this.state.waiting);
    waiting.delete(id);
    this.set({ waiting });
  }

  private set(part: Partial<OutboxState>) {
    clearTimeout(this.telling);
    this.telling = undefined;
    this.state = { ...this.state, ...part };
    for (const listener of this.listeners) listener();
  }
}

const isAbout = ({ path, body }: Act, entry: string): boolean =>
  path.includes(entry) || JSON.stringify(body ?? '').includes(entry);

/** What an entry is made from next, once a change has been sent. */
const baseOf = ({ pageId, zone, beside, content, caption, width }: Change): Base => ({
  pageId,
  zone,
  beside,
  content,
  caption,
  width,
});

const isSame = (a: unknown, b: unknown) => a === b || JSON.stringify(a) === JSON.stringify(b);

function sent({ id, turn: _turn, tab: _tab, ...body }: Change): Promise<Api['EntryView']> {
  return unwrap(api.PUT('/api/entries/{id}', { params: { path: { id } }, body }));
}

/** Whether the server has read a request and will not have it; else it is sent again. */
function isRefused(error: unknown): error is Problem {
  return error instanceof Problem && error.status < 500 && error.status !== 401 && error.status !== 403;
}
