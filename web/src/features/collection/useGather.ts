import { type DragEvent, useEffect } from 'react';
import { v7 as newId } from 'uuid';
import { api, sendFile, unwrap, useInTurn } from '../../api';
import { isTyping, offerUndo, plural, useStable } from '../../ui';
import { isListFile, tableIn } from '../gather';
import { type Found, foundIn } from './gathered';

type Wish = Found | { kind: 'FILE'; file: File };

/** One file of many things, which is looked into first. */
function listIn(data: DataTransfer): File | undefined {
  const [file, ...others] = data.files;
  if (file) return others.length === 0 && isListFile(file) ? file : undefined;
  return tableIn(data.getData('text/plain'));
}

const wishesIn = (data: DataTransfer): Wish[] =>
  data.files.length > 0
    ? [...data.files].map((file) => ({ kind: 'FILE' as const, file }))
    : foundIn(data.getData('text/uri-list').replace(/^#.*$/gm, '') || data.getData('text/plain'));

/** Takes what is pasted or dropped anywhere on a collection: addresses, words, files. */
export function useGather(id: string, onList: (file: File) => void) {
  const at = (item: string) => ({ params: { path: { id, item } } });
  const change = useInTurn(['collection', id], [['collections']]);
  const { mutate } = change;
  const takeOut = async (items: string[]) => {
    for (const item of items) await unwrap(api.DELETE('/api/collections/{id}/items/{item}', at(item)));
  };
  const add = async (wishes: Wish[]) => {
    const added: string[] = [];
    for (const wish of wishes) {
      const item = newId();
      await unwrap(api.PUT('/api/collections/{id}/items/{item}', { ...at(item), body: await body(wish) }));
      added.push(item);
    }
    if (added.length > 0)
      offerUndo(`${plural(added.length, 'thing')} added`, () => mutate({ send: () => takeOut(added) }));
  };
  const take = (data: DataTransfer) => {
    const list = listIn(data);
    if (list) onList(list);
    else mutate({ send: () => add(wishesIn(data)) });
  };
  const { latest } = useStable({ latest: take });
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      if (!event.clipboardData || isTyping(event.target) || document.querySelector('dialog[open]')) return;
      event.preventDefault();
      latest(event.clipboardData);
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  }, [latest]);
  return {
    error: change.error,
    isBusy: change.isPending,
    /** For what lies around the things. */
    drop: {
      onDragOver: (event: DragEvent) => event.preventDefault(),
      onDrop: (event: DragEvent) => {
        event.preventDefault();
        take(event.dataTransfer);
      },
    },
  };
}

async function body(wish: Wish) {
  if (wish.kind === 'LINK') return { kind: wish.kind, title: '', note: '', url: wish.url };
  if (wish.kind === 'NOTE') return wish;
  const mediaId = newId();
  await sendFile({ id: mediaId, blob: wish.file, name: wish.file.name });
  return { kind: wish.kind, title: wish.file.name.slice(0, 120), note: '', mediaId };
}
