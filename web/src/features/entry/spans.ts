import type { Api } from '../../api';

/** How many of a page's six columns an entry takes by its width; on a phone it takes the whole line. */
export const SPANS: Record<Api['EntryView']['width'], string> = {
  FULL: 'col-span-6',
  HALF: 'col-span-6 sm:col-span-3',
  THIRD: 'col-span-6 sm:col-span-2',
};
