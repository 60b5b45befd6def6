import type { Api } from '../../api';
import { dayName, KIND_NAMES, plural } from '../../ui';

/** What set work asks of each hand-in beside its instructions, in a line. */
export function askedWords({ asked, criteria }: Api['SetWorkView']): string {
  const kinds = asked.kinds.map((kind) => KIND_NAMES[kind].toLowerCase());
  const words = asked.wordsMost !== undefined && `${asked.wordsLeast ?? 0} to ${asked.wordsMost} words`;
  const parts = [
    ...kinds,
    words,
    asked.withSources && 'sources named',
    criteria.length > 0 && `judged by ${plural(criteria.length, 'criterion', 'criteria')}`,
  ];
  return parts.filter(Boolean).join(', ');
}

/** A student is told their own day, a teacher also whether it is for some of the class only. */
export const dueLine = ({ className, due, students, groups }: Api['SetWorkView']) =>
  `${students.length + groups.length > 0 ? 'Some of ' : ''}${className}, due ${dayName(due)}`;
