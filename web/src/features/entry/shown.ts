import type { Api } from '../../api';
import type { Change } from '../../device';

/** An entry as the page shows it: as this device has it, whether or not the server has it already. */
export type Shown = Omit<Api['EntryView'], 'version'> & { isWaiting: boolean; mediaId?: string };

/** The entries of a page with what waits on this device laid over them; those that are new come last. */
export function shownEntries(page: Api['PageView'], waiting: ReadonlyMap<string, Change>): Shown[] {
  const kept = page.entries.map((entry) => overlaid(asShown(entry), waiting.get(entry.id)));
  const known = new Set(page.entries.map((entry) => entry.id));
  const fresh = [...waiting.values()].filter((change) => change.pageId === page.id && !known.has(change.id));
  return [...kept, ...fresh.map(fromChange)];
}

/** An entry that has not changed is the same thing at every rendering, so that what shows it can rest. */
const known = new WeakMap<Api['EntryView'], Shown>();

function asShown(entry: Api['EntryView']): Shown {
  const shown = known.get(entry) ?? { ...entry, mediaId: entry.media?.id, isWaiting: false };
  known.set(entry, shown);
  return shown;
}

function overlaid(entry: Shown, change: Change | undefined): Shown {
  return change
    ? {
        ...entry,
        content: change.content,
        caption: change.caption,
        width: change.width,
        zone: change.zone,
        beside: change.beside,
        isWaiting: true,
      }
    : entry;
}

const fromChange = (change: Change): Shown => ({
  ...change,
  isEmpty: false,
  pictures: [],
  notches: [],
  isWaiting: true,
});
