import type { Comment, Line } from './queries';

/** Where a piece stands, as it is said to whoever reads it; nothing where it is simply shown to the class. */
export function standingWords({ standing, audience, isMine }: Line): string {
  if (standing === 'TAKEN_BACK') return 'taken back, only you see it';
  if (standing === 'ASKED') return isMine ? 'your teacher looks at it first' : 'waits for you';
  if (standing === 'NOT_YET') return 'not yet';
  if (audience === 'TEACHER') return isMine ? 'only your teacher sees it' : 'only you see it';
  return '';
}

/** Pieces under the names of what they belong to, in the order of the first of each. */
export function grouped(lines: readonly Line[], by: 'WEEK' | 'TOPIC'): [name: string, lines: Line[]][] {
  const groups = new Map<string, Line[]>();
  for (const line of lines)
    for (const name of by === 'WEEK' ? [weekOf(line)] : topicsOf(line))
      groups.set(name, [...(groups.get(name) ?? []), line]);
  const named = [...groups];
  return by === 'WEEK'
    ? named
    : named.sort(([one], [other]) => one.localeCompare(other, 'en', { numeric: true }));
}

const weekOf = ({ week }: Line) => (week === undefined ? 'Out of term' : `Week ${week}`);

const topicsOf = ({ topics }: Line) => (topics.length > 0 ? topics : ['About no topic']);

/** What was said with all that was answered to it. An answer whose beginning is not there any more begins a talk itself. */
export function talks(comments: readonly Comment[]): [first: Comment, answers: Comment[]][] {
  const byId = new Map(comments.map((comment) => [comment.id, comment]));
  const rootOf = (comment: Comment): Comment => {
    const above = comment.answerTo && byId.get(comment.answerTo);
    return above ? rootOf(above) : comment;
  };
  return comments
    .filter((comment) => rootOf(comment) === comment)
    .map((first) => [first, comments.filter((one) => one !== first && rootOf(one) === first)]);
}
