import type { Api } from '../../api';
import { plural } from '../../ui';

type Shot = Api['ShotView'];

export const FINISHES = {
  AS_TAKEN: 'As taken',
  EVEN_LIGHT: 'Even light',
  INK_ON_WHITE: 'Ink on white',
} as const;
export type Finish = keyof typeof FINISHES;

const REASONS: Record<Api['ScanView']['reason'], string> = {
  OWN: 'In your own order.',
  CAPTURE_TIME: 'In the order in which they were taken.',
  FILE_NAME: 'In the order of the numbers in their names.',
  PAGE_NUMBER: 'In the order of the numbers on the pages.',
  ARRIVAL: 'In the order in which they came.',
};

export const orderWords = (scan: Api['ScanView']) =>
  scan.shots.length > 1 ? `${REASONS[scan.reason]} Drag to change.` : '';

export const keptShots = (shots: readonly Shot[]) => shots.filter((shot) => !shot.isLeftOut);

/** “5 photos, 4 pages”. */
export const countShots = (shots: readonly Shot[]) =>
  shots.length === 0
    ? 'No photo yet'
    : `${plural(shots.length, 'photo')}, ${plural(keptShots(shots).length, 'page')}`;

/** What a shot is called: its own name, or its file's. */
export const shotName = (shot: Shot) => shot.name || shot.photo.name.replace(/\.[a-z]+$/i, '');

/** One line below the name in the list: what to see to, else what was done. */
export function shotLine(shot: Shot, shots: readonly Shot[]): { words: string; isBad: boolean } {
  const better = shots.find((one) => one.id === shot.againOf);
  if (better) return { words: `same page as ${better.number}, left out`, isBad: true };
  const like = shots.find((one) => one.id === shot.maybeOf);
  if (like) return { words: `the same page as ${like.number}?`, isBad: true };
  if (shot.isLeftOut) return { words: 'left out', isBad: false };
  if (shot.state === 'WAITING') return { words: 'looking for the page …', isBad: false };
  if (shot.state === 'FAILED') return { words: 'kept as it was taken', isBad: true };
  const [first] = shot.advice;
  if (first) return { words: first.split('.')[0] ?? first, isBad: true };
  return { words: shot.recipe?.quarters ? 'turned upright' : 'flat, sharp', isBad: false };
}

const SHAPES: Record<NonNullable<Shot['shape']>, string> = {
  A_SERIES: 'Straight, in the shape of A4',
  LETTER: 'Straight, in the shape of a letter sheet',
  NOTEBOOK: 'Straight, in the shape of an exercise book',
};

const DONE: Record<Finish, string> = {
  AS_TAKEN: 'The light as it was',
  EVEN_LIGHT: 'Light evened, shadow taken out',
  INK_ON_WHITE: 'Black on white',
};

/** What was done to a shot, line by line. */
export function shotFacts(shot: Shot): string[] {
  if (!shot.recipe) return [];
  const isWhole = shot.picture?.id === shot.photo.id;
  return [
    isWhole ? 'The photo as it was taken' : shot.shape ? SHAPES[shot.shape] : 'Straight, in its own shape',
    ...(isWhole ? [] : [DONE[shot.recipe.finish]]),
    `Place removed from the file${shot.hasCaptureTime ? ', time kept beside it' : ''}`,
    ...(shot.wordsRead > 0 ? [`Words read: ${shot.wordsRead}, searchable`] : []),
  ];
}

export const putWords = (scan: Api['ScanView'], pages: number) =>
  scan.entryId ? `Keep ${plural(pages, 'page')}` : `Put ${plural(pages, 'page')} into “${scan.page}”`;
