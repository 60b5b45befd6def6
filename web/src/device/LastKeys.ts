import type { Change } from './store';

/**
 * What was typed in the moment in which a page goes. The device's own store writes a little later, and what it has not
 * begun to write then would be gone; localStorage writes at once.
 */
export class LastKeys {
  private readonly unwritten = new Map<string, Change>();
  private readonly prefix: string;
  private readonly key: string;

  constructor(personId: string, tab: string) {
    this.prefix = `notchbook.last-keys.${personId}.`;
    this.key = this.prefix + tab;
    window.addEventListener('pagehide', () => this.write());
    // The page has come back as it was: it writes down itself what is left.
    window.addEventListener('pageshow', () => localStorage.removeItem(this.key));
  }

  /** Watches over a change until it is written. */
  async until(change: Change, written: PromiseLike<unknown>): Promise<void> {
    this.unwritten.set(change.id, change);
    await written;
    if (this.unwritten.get(change.id) === change) this.unwritten.delete(change.id);
  }

  /** Hands over what pages that are gone left here; what yet another page leaves meanwhile stays. */
  async handOver(write: (change: Change) => Promise<unknown>): Promise<void> {
    for (const key of Object.keys(localStorage).filter((one) => one.startsWith(this.prefix))) {
      for (const change of JSON.parse(localStorage.getItem(key) ?? '[]') as Change[]) await write(change);
      localStorage.removeItem(key);
    }
  }

  private write() {
    if (this.unwritten.size === 0) return;
    try {
      localStorage.setItem(this.key, JSON.stringify([...this.unwritten.values()]));
    } catch {
      // A drawing may be too large for it; the store has most likely begun to write.
    }
  }
}
