import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { useOutbox } from '../../device';
import { offerUndo } from '../../ui';
import { useMe } from '../people';
import { type Comment, type Piece, pieceQuery } from './queries';

/** What is said about a piece: kept on the device, seen at once, and sent when there is a network. */
export function useComments({ line: { id } }: Piece) {
  const queries = useQueryClient();
  const me = useMe();
  const { outbox, state } = useOutbox();
  const [before] = useState(state.messages);
  const path = `/noticeboard/${id}/comments`;
  const show = (change: (comments: Comment[]) => Comment[]) => {
    queries.setQueryData(pieceQuery(id).queryKey, (now) => now && { ...now, comments: change(now.comments) });
    // An answer that is older than this would put back what was there.
    void queries.cancelQueries({ queryKey: pieceQuery(id).queryKey });
  };
  const act = (method: 'PUT' | 'DELETE', at: string, body?: unknown) => ({
    pageId: '',
    method,
    path: `/api${path}/${at}`,
    body,
  });
  const changed = (comment: Comment, change: Partial<Comment>) =>
    show((all) => all.map((one) => (one.id === comment.id ? { ...one, ...change } : one)));

  const put = async (comment: Comment, sound?: Blob, soundId?: string) => {
    show((all) => [...all.filter((one) => one.id !== comment.id), comment]);
    const { words, answerTo } = comment;
    const request = act('PUT', comment.id, { words, answerTo, soundId: soundId ?? comment.sound?.id });
    if (sound && soundId)
      await outbox.actWithFile(request, { id: soundId, blob: sound, name: 'comment.webm' });
    else await outbox.act(request);
  };
  const say = (words: string, sound?: Blob, answerTo?: string) =>
    void put(
      {
        id: newId(),
        by: me.fullName,
        isMine: true,
        words,
        answerTo,
        at: new Date().toISOString(),
        isHidden: false,
        isClosed: false,
      },
      sound,
      sound && newId(),
    );
  const takeBack = async (comment: Comment) => {
    show((all) => all.filter((one) => one.id !== comment.id));
    await outbox.act(act('DELETE', comment.id));
    offerUndo('It is taken back', () => put(comment));
  };
  const hide = async (comment: Comment, isHidden: boolean) => {
    changed(comment, { isHidden });
    await outbox.act(act('PUT', `${comment.id}/hidden`, { isHidden }));
  };
  const close = async (comment: Comment, isClosed: boolean) => {
    changed(comment, { isClosed });
    await outbox.act(act('PUT', `${comment.id}/closed`, { isClosed }));
  };
  return {
    say,
    takeBack,
    hide,
    close,
    /** What the server refused since the screen was opened. */
    trouble: state.messages.filter((message) => !before.includes(message)).at(-1),
  };
}
