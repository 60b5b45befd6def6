const BYTES = 24;

/** What nobody guesses, in letters that an address takes. */
export function newSecret(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(BYTES));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_');
}

export const addressOfLink = (secret: string) => `${window.location.origin}/reading/${secret}/`;

const DAY_MILLIS = 86_400_000;

/** The day that is so many days after another, as in 2026-11-25. */
export const daysAfter = (day: Date, count: number) =>
  new Date(day.getTime() + count * DAY_MILLIS).toISOString().slice(0, 10);
