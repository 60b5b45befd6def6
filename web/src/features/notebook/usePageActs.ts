import { useMutation, useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap } from '../../api';
import { useOutbox } from '../../device';
import { pageQuery } from './queries';
import type { Shown } from './shown';

const EMPTY_DOCUMENT = { type: 'doc', content: [{ type: 'paragraph' }] };
const EMPTY_DRAWING = { width: 640, height: 360, strokes: [] };

/** What the work on a page changes elsewhere. */
const DEPENDENT = ['contents', 'coverage', 'needle', 'ready', 'week', 'bin'];

export type PageActs = ReturnType<typeof usePageActs>;

/** What can be done with the entries of a page. */
export function usePageActs(page: Api['PageView'], choose: (id: string) => void) {
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  const key = pageQuery(page.id).queryKey;
  const refresh = () => {
    queries.invalidateQueries({ queryKey: key });
    for (const dependent of DEPENDENT) queries.invalidateQueries({ queryKey: [dependent] });
  };
  const onServer = useMutation({ mutationFn: (act: () => Promise<unknown>) => act(), onSettled: refresh });

  /** Shows a change of the page at once; the server's answer follows. */
  const show = (change: (page: Api['PageView']) => Api['PageView']) =>
    queries.setQueryData(key, (now) => now && change(now));

  const make = (kind: 'TYPED' | 'INK', content: unknown) => {
    const id = newId();
    outbox.keep({ id, pageId: page.id, kind, content, caption: '', width: 'FULL' });
    choose(id);
  };
  const makeFrom =
    (kind: 'PHOTO' | 'RECORDING', width: 'FULL' | 'HALF') => async (blob: Blob, name: string) => {
      const id = newId();
      await outbox.keepWithFile({ id, pageId: page.id, kind, caption: '', width }, { blob, name });
      choose(id);
    };

  return {
    error: onServer.error,
    write: () => make('TYPED', EMPTY_DOCUMENT),
    draw: () => make('INK', EMPTY_DRAWING),
    photo: makeFrom('PHOTO', 'HALF'),
    sound: makeFrom('RECORDING', 'FULL'),
    change: (entry: Shown, part: Partial<Pick<Shown, 'content' | 'caption' | 'width'>>) =>
      outbox.keep({
        id: entry.id,
        pageId: page.id,
        kind: entry.kind,
        content: entry.content,
        mediaId: entry.mediaId,
        caption: entry.caption,
        width: entry.width,
        ...part,
      }),
    move: (entry: Shown, by: -1 | 1) => {
      const ids = page.entries.map((one) => one.id);
      const from = ids.indexOf(entry.id);
      const to = from + by;
      if (from < 0 || to < 0 || to >= ids.length) return;
      ids.splice(to, 0, ...ids.splice(from, 1));
      show((now) => ({ ...now, entries: ids.flatMap((id) => now.entries.filter((one) => one.id === id)) }));
      onServer.mutate(() =>
        unwrap(
          api.POST('/api/pages/{id}/order', { params: { path: { id: page.id } }, body: { entries: ids } }),
        ),
      );
    },
    remove: async (entry: Shown) => {
      await outbox.forget(entry.id);
      if (page.entries.some((one) => one.id === entry.id)) {
        show((now) => ({ ...now, entries: now.entries.filter((one) => one.id !== entry.id) }));
        onServer.mutate(() =>
          unwrap(api.DELETE('/api/entries/{id}', { params: { path: { id: entry.id } } })),
        );
      }
    },
    toggleNotch: (entry: Shown, node: string) => {
      const isCut = entry.notches.includes(node);
      const notches = isCut ? entry.notches.filter((one) => one !== node) : [...entry.notches, node];
      show((now) => ({
        ...now,
        entries: now.entries.map((one) => (one.id === entry.id ? { ...one, notches } : one)),
      }));
      const path = { params: { path: { id: entry.id, node } } };
      onServer.mutate(async () => {
        // An entry that was just made has to be there before it can be notched.
        await outbox.send();
        await (isCut
          ? unwrap(api.DELETE('/api/entries/{id}/notches/{node}', path))
          : unwrap(api.PUT('/api/entries/{id}/notches/{node}', path)));
      });
    },
  };
}
