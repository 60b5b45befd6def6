/** A moment of a recording that was marked, in ms of its sound. */
export type Moment = { id: string; at: number; name: string };

/** A part of a recording between two pauses: when it began, in ms since 1970, and how long it runs, in ms. */
export type Stretch = { startedAt: number; length: number };

/** What a recording's entry holds beside its sound. */
export type Take = { moments: Moment[]; stretches: Stretch[] };

/** A take as an entry holds it; a sound that came as a file has neither moments nor stretches. */
export function takeOf(content: unknown): Take {
  const { moments = [], stretches = [] } = (content ?? {}) as Partial<Take>;
  return { moments, stretches };
}

/** The moments with one more, in order of time. */
export const withMoment = (take: Take, moment: Moment): Take => ({
  ...take,
  moments: [...take.moments.filter((one) => one.id !== moment.id), moment].toSorted((a, b) => a.at - b.at),
});

export const withoutMoment = (take: Take, id: string): Take => ({
  ...take,
  moments: take.moments.filter((one) => one.id !== id),
});
