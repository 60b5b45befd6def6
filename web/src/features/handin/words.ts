import type { Api } from '../../api';
import { dayName, plural } from '../../ui';

type State = Api['VersionView']['state'];

/** Where a version stands, as a student reads it. */
export const STATE_WORDS: Record<State, string> = {
  WAITING: 'waiting to be read',
  BEING_READ: 'being read',
  SENT_BACK: 'sent back',
  CHECKED: 'checked',
};

const DAY_MILLIS = 86_400_000;

/** How far off a due day is: "tonight", "in 2 days", "3 days late". */
export function dueWords(due: string, today: string): string {
  const days = Math.round((Date.parse(due) - Date.parse(today)) / DAY_MILLIS);
  if (days === 0) return 'tonight';
  if (days < 0) return `${plural(-days, 'day')} late`;
  return days === 1 ? 'tomorrow' : `in ${days} days`;
}

/** The line of a version in a register. */
export function versionWords(version: Api['VersionView'] | undefined): string {
  if (!version) return 'not in yet';
  if (version.state === 'CHECKED' || version.state === 'SENT_BACK') return STATE_WORDS[version.state];
  return version.missing > 0
    ? `version ${version.version}, ${version.missing} missing`
    : `version ${version.version}`;
}

export const dueLine = (work: Api['SetWorkView']) => `${work.className}, due ${dayName(work.due)}`;

/** "Marlo Quist" as a register has it: "Quist, M." */
export const listName = (name: string) => {
  const [first = '', ...rest] = name.split(' ');
  return rest.length > 0 ? `${rest.join(' ')}, ${first[0]}.` : first;
};

/** The lines of a register in the order of a class list. */
export const byListName = (lines: readonly Api['RegisterLine'][]): Api['RegisterLine'][] =>
  [...lines].sort((a, b) => listName(a.name).localeCompare(listName(b.name)));
