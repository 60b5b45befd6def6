import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { v7 as newId } from 'uuid';
import { useOutbox } from '../../device';
import { useStable } from '../../ui';
import { type Choice, choicesOf, isOf } from './choices';
import { type Mark, marksQuery, ownMarksQuery } from './queries';

const NONE: Mark[] = [];

export type Marking = ReturnType<typeof useMarks>;

/** The marks of a page, and setting, changing and taking them off; each act is on the device at once. */
export function useMarks(pageId: string) {
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  const marks = useQuery(marksQuery(pageId)).data ?? NONE;
  const own = useQuery(ownMarksQuery).data;
  const choices = useMemo(() => choicesOf(own ?? []), [own]);
  const show = (change: (marks: Mark[]) => Mark[]) =>
    queries.setQueryData(marksQuery(pageId).queryKey, (now) => change(now ?? []));

  const put = (mark: Mark) => {
    const { id, on, ...body } = mark;
    show((now) => [...now.filter((one) => one.id !== id), mark]);
    outbox.act({ pageId, method: 'PUT', path: `/api/entries/${on}/marks/${id}`, body });
  };
  const remove = ({ id, on }: Mark) => {
    show((now) => now.filter((one) => one.id !== id));
    outbox.act({ pageId, method: 'DELETE', path: `/api/entries/${on}/marks/${id}` });
  };
  /** Sets a mark, or takes it off where it stands already. */
  const toggle = (entryId: string, choice: Choice, passage?: string) => {
    const there = marks.find((mark) => mark.on === entryId && mark.passage === passage && isOf(mark, choice));
    if (there) remove(there);
    else
      put({
        id: newId(),
        on: entryId,
        kind: choice.kind,
        own: choice.own?.id,
        passage,
        madeAt: new Date().toISOString(),
        isDone: false,
      });
  };
  const acts = useStable({ put, remove, toggle });
  return useMemo(() => ({ marks, choices, ...acts }), [marks, choices, acts]);
}
