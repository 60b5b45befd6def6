import type { Mark, OwnMark } from './queries';

/** A mark to set: one that everybody has, or one of the student's own. */
export type Choice = { kind: Mark['kind']; own?: OwnMark; name: string };

export const STANDARD: Choice[] = [
  { kind: 'KEY', name: 'Key' },
  { kind: 'QUESTION', name: 'Open question' },
  { kind: 'TASK', name: 'Task' },
];

/** All marks in the order of their keys, 1 to 9. */
export const choicesOf = (own: OwnMark[]): Choice[] => [
  ...STANDARD,
  ...own.map((one): Choice => ({ kind: 'OWN', own: one, name: one.name })),
];

export const choiceOf = (mark: Pick<Mark, 'kind' | 'own'>, choices: Choice[]): Choice =>
  choices.find((choice) => isOf(mark, choice)) ?? { kind: mark.kind, name: 'Mark' };

export const isOf = (mark: Pick<Mark, 'kind' | 'own'>, choice: Choice) =>
  mark.kind === choice.kind && (mark.kind !== 'OWN' || mark.own === choice.own?.id);

/** What stands where, in words: "Open question, answered", "Task for 27 Nov, done". */
export function stateOf(mark: Mark): string {
  if (mark.kind === 'QUESTION') return mark.answer || mark.answerEntry ? 'answered' : 'open';
  if (mark.kind === 'TASK') return mark.isDone ? 'done' : 'to do';
  return '';
}

export const isOpen = (mark: Mark) => ['open', 'to do'].includes(stateOf(mark));
