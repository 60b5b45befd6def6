import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { Button } from '../../ui';
import { choicesOf, isOf, isOpen, type Mark, MarkBadge, MarkDialog, ownMarksQuery, stateOf } from '../mark';
import type { Item } from './details';
import { useActs } from './useActs';
import { withItem } from './useThings';

type Props = { collection: string; item: Item };

/** The marks on a thing: set and taken off by a press; a task gets its date, a question its answer. */
export function ThingMarks({ collection, item }: Props) {
  const { act } = useActs(collection);
  const choices = choicesOf(useQuery(ownMarksQuery).data ?? []);
  const [open, setOpen] = useState<string>();
  const show = (change: (marks: Mark[]) => Mark[]) => (now: Parameters<typeof withItem>[0]) =>
    withItem(now, item.id, (one) => ({ ...one, marks: change(one.marks) }));
  const put = (mark: Mark) => {
    const { id, on: _, ...body } = mark;
    void act({
      method: 'PUT',
      path: `/api/things/${item.id}/marks/${id}`,
      body,
      show: show((marks) => [...marks.filter((one) => one.id !== id), mark]),
    });
  };
  const remove = ({ id }: Mark) =>
    void act({
      method: 'DELETE',
      path: `/api/things/${item.id}/marks/${id}`,
      show: show((marks) => marks.filter((one) => one.id !== id)),
    });
  const opened = item.marks.find(({ id }) => id === open);
  return (
    <fieldset className="mb-3 flex flex-wrap items-center gap-1.5">
      <legend className="mb-1 font-semibold">Marks</legend>
      {choices.map((choice) => {
        const there = item.marks.find((mark) => isOf(mark, choice));
        const hasMore = there && stateOf(there) !== '';
        return (
          <span key={choice.own?.id ?? choice.kind} className="flex items-center">
            <Button
              aria-pressed={!!there}
              className={there ? 'border-petrol bg-petrol-wash' : ''}
              onClick={() =>
                there
                  ? remove(there)
                  : put({
                      id: newId(),
                      on: item.id,
                      kind: choice.kind,
                      own: choice.own?.id,
                      madeAt: new Date().toISOString(),
                      isDone: false,
                    })
              }
            >
              <MarkBadge choice={choice} isSettled={!there || (hasMore && !isOpen(there))} />
              {choice.name}
            </Button>
            {hasMore && (
              <Button look="quiet" className="text-[13.5px]" onClick={() => setOpen(there.id)}>
                {there.kind === 'TASK' ? 'Date' : isOpen(there) ? 'Answer' : 'Change'}
              </Button>
            )}
          </span>
        );
      })}
      {opened && (
        <MarkDialog
          mark={opened}
          words={item.title}
          choices={choices}
          onChange={put}
          onRemove={() => remove(opened)}
          onClose={() => setOpen(undefined)}
        />
      )}
    </fieldset>
  );
}
