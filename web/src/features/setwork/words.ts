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

export const dueLine = (work: Api['SetWorkView']) => `${work.className}, due ${dayName(work.due)}`;
