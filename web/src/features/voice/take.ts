/** A moment of a recording that was marked, in ms of its sound. */
export type Moment = { id: string; at: number; name: string };

/** A part of a recording between two pauses: when it began, in ms since 1970, and how long it runs, in ms. */
export type Stretch = { startedAt: number; length: number };

/** Words that are said from a moment to another, in ms. */
export type SpokenLine = { from: number; to: number; words: string };

/** What a recording explains: an entry (or its page), or one thing that is drawn on it. */
export type About = { entry: string; thing?: string };

/** What is left of a sound or a clip that was trimmed, in ms; times stay those of the whole. */
export type Trim = { from: number; to: number };

/** What the entry of a recording or a clip holds beside its sound. */
export type Take = {
  moments: Moment[];
  stretches: Stretch[];
  lines: SpokenLine[];
  about?: About;
  trim?: Trim;
  /** The moment of a clip whose picture stands for it, in ms. */
  poster?: number;
};

/** A take as an entry holds it; a sound that came as a file may have nothing of it. */
export function takeOf(content: unknown): Take {
  return { moments: [], stretches: [], lines: [], ...((content ?? {}) as Partial<Take>) };
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
