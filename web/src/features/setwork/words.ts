import type { Api } from '../../api';
import { dayName, KIND_NAMES, plural } from '../../ui';

/** What set work asks of each hand-in beside its instructions, in a line. */
export function askedWords({ asked, criteria }: Api['SetWorkView']): string {
  const kinds = asked.kinds.map((kind) => KIND_NAMES[kind].toLowerCase());
  const pattern = asked.pattern && `a page of “${asked.pattern.name}”`;
  const words = asked.wordsMost !== undefined && `${asked.wordsLeast ?? 0} to ${asked.wordsMost} words`;
  const parts = [
    pattern,
    ...kinds,
    words,
    asked.withSources && 'sources named',
    criteria.length > 0 && `judged by ${plural(criteria.length, 'criterion', 'criteria')}`,
  ];
  return parts.filter(Boolean).join(', ');
}

/** The day, and the hour where one is named: "Fri 27 Nov, 16:00". */
export const dueTime = ({ due, hour }: Pick<Api['SetWorkView'], 'due' | 'hour'>) =>
  [dayName(due), hour && hourOf(hour)].filter(Boolean).join(', ');

/** An hour as people write it, without its seconds. */
export const hourOf = (hour: string) => hour.slice(0, 5);

/** A student is told their own day, a teacher also whether it is for some of the class only. */
export const dueLine = (work: Api['SetWorkView']) =>
  `${work.students.length + work.groups.length > 0 ? 'Some of ' : ''}${work.className}, due ${dueTime(work)}`;
