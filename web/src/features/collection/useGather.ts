import { type DragEvent, useEffect } from 'react';
import { isTyping, useStable } from '../../ui';
import { isListFile, tableIn } from '../gather';
import { type Found, foundIn } from './gathered';
import type { Wish } from './usePut';

/** One file of many things, which is looked into first. */
function listIn(data: DataTransfer): File | undefined {
  const [file, ...others] = data.files;
  if (file) return others.length === 0 && isListFile(file) ? file : undefined;
  return tableIn(data.getData('text/plain'));
}

const wishesIn = (data: DataTransfer): Wish[] =>
  data.files.length > 0
    ? [...data.files].map(ofFile)
    : foundIn(data.getData('text/uri-list').replace(/^#.*$/gm, '') || data.getData('text/plain')).map(
        ofFound,
      );

/** A file as a thing, under its own name. */
export const ofFile = (file: File): Wish => ({
  kind: 'FILE',
  title: file.name,
  note: '',
  file: { blob: file, name: file.name },
});

export const ofFound = (found: Found): Wish =>
  found.kind === 'LINK' ? { ...found, title: '', note: '' } : found;

/** Takes what is pasted or dropped anywhere on a collection: addresses, words, files. */
export function useGather(add: (wishes: Wish[]) => void, onList: (file: File) => void) {
  const take = (data: DataTransfer) => {
    const list = listIn(data);
    if (list) onList(list);
    else add(wishesIn(data));
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
