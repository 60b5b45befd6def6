const segmenter = new Intl.Segmenter('en', { granularity: 'word' });

/** Words by Unicode word boundaries, as the server counts them. */
export function countWords(text: string): number {
  let words = 0;
  for (const segment of segmenter.segment(text)) words += segment.isWordLike ? 1 : 0;
  return words;
}

/** Where a count stands in a range, as the core says it. */
export function wordsPlace(words: number, least: number, most: number): string {
  if (words === 0) return `${least} to ${most} words`;
  if (words < least) return `${words}, at least ${least - words} more`;
  return words > most ? `${words}, ${words - most} too many` : `${words} of ${least} to ${most}`;
}

const DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});
const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** A date such as 2026-11-24 as "Tue 24 Nov". */
export const dayName = (date: string) => DAY.format(new Date(`${date}T00:00:00Z`)).replace(',', '');
export const clockTime = (time: Date | number) => TIME.format(time);
/** An instant as "24 Nov 10:58". */
export const moment = (instant: string) => {
  const date = new Date(instant);
  return `${date.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })} ${clockTime(date)}`;
};

/** Seconds as minutes and seconds, such as 3:05. */
export function length(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** A share from 0 to 1 in per cent: whole, or with one digit where it matters. */
export const percent = (share: number, digits = 0) =>
  `${(100 * share).toFixed(digits).replace(/\.0$/, '')} %`;

/** Bytes as kB or MB, such as 2.1 MB. */
export const fileSize = (bytes: number) =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1_000))} kB` : `${(bytes / 1e6).toFixed(1)} MB`;

export const plural = (count: number, one: string, many = `${one}s`) =>
  `${count} ${count === 1 ? one : many}`;
