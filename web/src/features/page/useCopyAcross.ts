import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import type { Shown } from '../entry';
import { homeOf } from '../pattern';

export type Copied = Pick<Shown, 'id' | 'kind' | 'content' | 'mediaId' | 'caption' | 'width' | 'notches'>;

/** A piece of an entry's text as something to copy. */
export const copiedText = (from: string, content: unknown): Copied => ({
  id: from,
  kind: 'TYPED',
  content,
  caption: '',
  width: 'FULL',
  notches: [],
});

/** Copies an entry (or a piece of its text) onto another page; the copy remembers where it came from. */
export function useCopyAcross() {
  const { outbox } = useOutbox();
  return (copied: Copied, to: Api['PageView'], zone = homeOf(to.pattern).key) => {
    const id = newId();
    const { kind, content, mediaId, caption, width } = copied;
    outbox.keep({
      id,
      pageId: to.id,
      zone,
      copiedFrom: copied.id,
      kind,
      content,
      mediaId,
      caption,
      width,
    });
    for (const node of copied.notches)
      outbox.act({ pageId: to.id, method: 'PUT', path: `/api/entries/${id}/notches/${node}` });
  };
}
