import { useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { type Api, api, readFileInk, unwrap } from '../../api';
import { useOutbox } from '../../device';
import { offerUndo } from '../../ui';
import { entryKindOf } from '../file';
import { entriesIn, zoneOf } from '../pattern';
import { contentOf, pagesOf, type SetPage } from '../scan';
import { pageQuery } from './queries';
import type { Shown } from './shown';

const EMPTY_DOCUMENT = { type: 'doc', content: [{ type: 'paragraph' }] };
const isInkMl = (file: File) => /\.inkml$/i.test(file.name);
const EMPTY_DRAWING = { width: 640, height: 360, strokes: [] };

/** What can be changed of an entry; the rest of it stays. */
export type Part = Partial<Pick<Shown, 'content' | 'caption' | 'width' | 'zone' | 'beside' | 'mediaId'>>;

export type EntryActs = ReturnType<typeof useEntryActs>;

/** What can be done with the entries of a page; each is on the device at once and sent when it can be. */
export function useEntryActs(
  page: Api['PageView'],
  zone: string,
  choose: (id: string, zone: string) => void,
) {
  const queries = useQueryClient();
  const { outbox } = useOutbox();

  /** Shows a change of the page at once; the server's answer follows. */
  const show = (change: (page: Api['PageView']) => Api['PageView']) =>
    queries.setQueryData(pageQuery(page.id).queryKey, (now) => now && change(now));
  const showEntry = (id: string, part: Partial<Api['EntryView']>) =>
    show((now) => ({
      ...now,
      entries: now.entries.map((one) => (one.id === id ? { ...one, ...part } : one)),
    }));

  /** `basedOn` is the content that the new one was made from, where the screen may be behind what the server has. */
  const keep = (entry: Shown, part: Part, basedOn: unknown = entry.content) => {
    // What is on the device may be newer, by a key or two, than what the screen was drawn from.
    const waiting = outbox.snapshot().waiting.get(entry.id);
    const now = waiting ?? entry;
    const { zone: inZone, beside, caption, width } = entry;
    const base = { pageId: page.id, zone: inZone, beside, content: basedOn, caption, width };
    const work = {
      id: entry.id,
      pageId: page.id,
      zone: now.zone,
      beside: now.beside,
      copiedFrom: now.copiedFrom,
      kind: now.kind,
      content: now.content,
      mediaId: now.mediaId,
      caption: now.caption,
      width: now.width,
      base,
      ...part,
    };
    return outbox.keep(work, !waiting && basedOn !== entry.content);
  };
  const make = (
    kind: 'TYPED' | 'INK' | 'LINK' | 'VIEW',
    content: unknown,
    into = zone,
    beside?: string,
    caption = '',
  ) => {
    const id = newId();
    outbox.keep({ id, pageId: page.id, zone: into, beside, kind, content, caption, width: 'FULL' });
    choose(id, into);
  };
  const makeFrom = (kind: 'PHOTO' | 'RECORDING' | 'CLIP' | 'FILE') => async (blob: Blob, name: string) => {
    const id = newId();
    const content = kind === 'FILE' ? { name } : {};
    const width = kind === 'PHOTO' ? 'HALF' : 'FULL';
    await outbox.keepWithFile(
      { id, pageId: page.id, zone, kind, content, caption: '', width },
      { blob, name },
    );
    choose(id, zone);
  };
  const order = (ids: string[]) => {
    show((now) => ({ ...now, entries: ids.flatMap((id) => now.entries.filter((one) => one.id === id)) }));
    outbox.act({
      pageId: page.id,
      method: 'POST',
      path: `/api/pages/${page.id}/order`,
      body: { entries: ids },
    });
  };
  const bringBack = (entry: Shown) =>
    outbox.act({
      pageId: page.id,
      method: 'POST',
      path: `/api/notebooks/${page.notebookId}/bin/${entry.id}/restore`,
    });

  const withPages = (pages: SetPage[]) => ({ content: contentOf(pages), mediaId: pages[0]?.picture });
  const keepPages = (entry: Shown, pages: SetPage[]) => keep(entry, withPages(pages));
  /** Into the bin, without a word. */
  const drop = async (id: string) => {
    await outbox.forget(id);
    show((now) => ({ ...now, entries: now.entries.filter((one) => one.id !== id) }));
    await outbox.act({ pageId: page.id, method: 'DELETE', path: `/api/entries/${id}` });
  };

  return {
    write: (into?: string, beside?: string) => make('TYPED', EMPTY_DOCUMENT, into, beside),
    /** Puts text from elsewhere on the page, with where it is from as its caption. */
    text: (content: unknown, from: string) => make('TYPED', content, zone, undefined, from),
    draw: (into?: string) => make('INK', EMPTY_DRAWING, into),
    photo: makeFrom('PHOTO'),
    sound: makeFrom('RECORDING'),
    clip: makeFrom('CLIP'),
    /** Puts files on the page one after the other, each as what it is; ink that can't be read stays a file. */
    files: async (files: Iterable<File>) => {
      for (const file of files) {
        const ink = isInkMl(file) && (await readFileInk(file).catch(() => undefined));
        if (ink) make('INK', ink.content, zone, undefined, file.name.replace(/\.inkml$/i, ''));
        else await makeFrom(entryKindOf(file))(file, file.name);
      }
    },
    link: (address: string) => make('LINK', { address }),
    view: (placed: { collection: string; view?: string; name: string }) => make('VIEW', placed),
    /** Has a linked page fetched once more. */
    askAgain: async (entry: Shown) => {
      if (!entry.card) return;
      const again = api.POST('/api/link-cards/{id}/again', { params: { path: { id: entry.card.id } } });
      showEntry(entry.id, { card: await unwrap(again) });
    },
    change: keep,
    /** Moves an entry one place within its zone. */
    move: (entry: Shown, by: -1 | 1) => {
      const neighbours = entriesIn(page.pattern, zoneOf(page.pattern, entry.zone), page.entries);
      const other = neighbours[neighbours.findIndex((one) => one.id === entry.id) + by];
      const ids = page.entries.map((one) => one.id);
      const from = ids.indexOf(entry.id);
      if (!other || from < 0) return;
      const to = ids.indexOf(other.id);
      ids.splice(to, 0, ...ids.splice(from, 1));
      order(ids);
    },
    /** Puts an entry into a zone, before another entry or as the last. */
    place: (entry: Shown, into: string, before?: string) => {
      if (entry.zone !== into) keep(entry, { zone: into });
      const ids = page.entries.map((one) => one.id).filter((id) => id !== entry.id);
      const at = before ? ids.indexOf(before) : ids.length;
      ids.splice(at < 0 ? ids.length : at, 0, entry.id);
      order(ids);
    },
    /** Makes two entries of a set: its first pages, and those from `at` on right below. */
    splitSet: async (entry: Shown, at: number) => {
      const pages = pagesOf(entry);
      const id = newId();
      keepPages(entry, pages.slice(0, at));
      const { zone: into, beside, width } = entry;
      const below = { id, pageId: page.id, zone: into, beside, kind: 'PHOTO' as const, caption: '', width };
      outbox.keep({ ...below, ...withPages(pages.slice(at)) });
      const ids = page.entries.map((one) => one.id);
      ids.splice(ids.indexOf(entry.id) + 1, 0, id);
      order(ids);
      offerUndo('Split in two', async () => {
        await keepPages(entry, pages);
        await drop(id);
      });
    },
    /** Takes the pages of the photo entry below into this one. */
    joinBelow: async (entry: Shown, below: Shown) => {
      const own = pagesOf(entry);
      await keepPages(entry, [...own, ...pagesOf(below)]);
      await drop(below.id);
      offerUndo('Joined', async () => {
        await keepPages(entry, own);
        await bringBack(below);
      });
    },
    remove: async (entry: Shown) => {
      const isKept = page.entries.some((one) => one.id === entry.id);
      await outbox.forget(entry.id);
      if (!isKept) return;
      show((now) => ({ ...now, entries: now.entries.filter((one) => one.id !== entry.id) }));
      await outbox.act({ pageId: page.id, method: 'DELETE', path: `/api/entries/${entry.id}` });
      offerUndo('Put into the bin', () => bringBack(entry));
    },
    toggleNotch: (entry: Shown, node: string) => {
      const isCut = entry.notches.includes(node);
      const notches = isCut ? entry.notches.filter((one) => one !== node) : [...entry.notches, node];
      showEntry(entry.id, { notches });
      outbox.act({
        pageId: page.id,
        method: isCut ? 'DELETE' : 'PUT',
        path: `/api/entries/${entry.id}/notches/${node}`,
      });
    },
  };
}
