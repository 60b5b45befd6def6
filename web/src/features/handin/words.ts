import type { Api } from '../../api';
import { plural } from '../../ui';
import { hourOf } from '../setwork/words';

type State = Api['VersionView']['state'];

/** Where a version stands, as a student reads it. */
export const STATE_WORDS: Record<State, string> = {
  WAITING: 'waiting to be read',
  BEING_READ: 'being read',
  SENT_BACK: 'sent back',
  CHECKED: 'checked',
};

const DAY_MILLIS = 86_400_000;

/** How far a student is with what is asked, as a teacher reads it. */
export const PROGRESS_WORDS: Record<Api['RegisterLine']['progress'], string> = {
  NOT_BEGUN: 'not begun',
  BEGUN: 'begun',
  IN: 'in',
  CHECKED: 'checked',
};

/** How many are how far, in a sentence: "3 not begun · 2 begun · 7 in". */
export const howFar = (lines: readonly Pick<Api['RegisterLine'], 'progress'>[]): string =>
  Object.entries(PROGRESS_WORDS)
    .map(([progress, words]) => ({ words, count: lines.filter((line) => line.progress === progress).length }))
    .filter(({ count }) => count > 0)
    .map(({ words, count }) => `${count} ${words}`)
    .join(' · ');

/** How far off something due is: "tonight", "today by 16:00", "in 2 days", "3 days late". */
export function dueWords({ due, hour }: Pick<Api['SetWorkView'], 'due' | 'hour'>, today: string): string {
  const days = Math.round((Date.parse(due) - Date.parse(today)) / DAY_MILLIS);
  if (days === 0) return hour ? `today by ${hourOf(hour)}` : 'tonight';
  if (days < 0) return `${plural(-days, 'day')} late`;
  return days === 1 ? 'tomorrow' : `in ${days} days`;
}

/** A version by its purpose and number: "version 2", "draft 1". */
export const versionName = ({ purpose, version }: Pick<Api['VersionView'], 'purpose' | 'version'>) =>
  `${purpose === 'DRAFT' ? 'Draft' : 'Version'} ${version}`;

/** What was sent of the same work just before a version: a draft, or an earlier version. */
export const versionBefore = ({ id, versions }: Pick<Api['SealedView'], 'id' | 'versions'>) =>
  versions[versions.findIndex((one) => one.id === id) + 1];

/** What work was sent for, in a few words. */
export const workName = ({ to, title }: Pick<Api['SealedView'], 'to' | 'title'>) =>
  to.setWork?.title ?? title;

/** The latest version that counts; a draft does not. */
export const latestOf = (versions: readonly Api['VersionView'][]) =>
  versions.find((one) => one.purpose === 'HAND_IN');

/** The line of a version in a register. */
export function versionWords(version: Api['VersionView'] | undefined): string {
  if (!version) return 'not in yet';
  if (version.state === 'CHECKED' || version.state === 'SENT_BACK') return STATE_WORDS[version.state];
  const name = versionName(version).toLowerCase();
  return version.missing > 0 ? `${name}, ${version.missing} missing` : name;
}

/** "Marlo Quist" as a register has it: "Quist, M." */
export const listName = (name: string) => {
  const [first = '', ...rest] = name.split(' ');
  return rest.length > 0 ? `${rest.join(' ')}, ${first[0]}.` : first;
};

/** Lines about students in the order of a class list. */
export const byListName = <Line extends { name: string }>(lines: readonly Line[]): Line[] =>
  [...lines].sort((a, b) => listName(a.name).localeCompare(listName(b.name)));
