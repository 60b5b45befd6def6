import { useQuery } from '@tanstack/react-query';
import { choiceOf, choicesOf, isOpen, MarkBadge, ownMarksQuery, stateOf } from '../mark';
import type { Item } from './details';

/** The marks on a thing, as they stand beside its name. */
export function MarksOf({ item }: { item: Item }) {
  const choices = choicesOf(useQuery({ ...ownMarksQuery, enabled: item.marks.length > 0 }).data ?? []);
  return item.marks.map((mark) => {
    const choice = choiceOf(mark, choices);
    const isSettled = stateOf(mark) !== '' && !isOpen(mark);
    return (
      <span key={mark.id} className="ml-1.5 inline-flex align-middle">
        <MarkBadge choice={choice} isSettled={isSettled} />
        <span className="sr-only">{[choice.name, stateOf(mark)].filter(Boolean).join(', ')}</span>
      </span>
    );
  });
}
