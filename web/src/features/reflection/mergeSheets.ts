import type { Api } from '../../api';

/** What became of the last intention, and the next one. */
export type Resolve = Api['ResolveView'];

/** What a student puts on a weekly sheet: an answer for each prompt, chosen entries, own ratings by topic, and intentions. */
export type Sheet = {
  answers: string[];
  choices: string[];
  ratings: Record<string, number>;
  resolve: Resolve;
};

/**
 * A sheet that was written in two places since `base`, with the words of both: where both changed an answer,
 * theirs stands first and mine below it.
 */
export function mergeSheets(base: Sheet, mine: Sheet, theirs: Sheet): Sheet {
  const isGone = (id: string) =>
    base.choices.includes(id) && !(mine.choices.includes(id) && theirs.choices.includes(id));
  const changed = Object.entries(mine.ratings).filter(([topic, value]) => base.ratings[topic] !== value);
  return {
    answers: theirs.answers.map((answer, i) =>
      mergeAnswers(base.answers[i] ?? '', mine.answers[i] ?? '', answer),
    ),
    choices: [...new Set([...theirs.choices, ...mine.choices])].filter((id) => !isGone(id)),
    ratings: { ...theirs.ratings, ...Object.fromEntries(changed) },
    resolve: mergeResolves(base.resolve, mine.resolve, theirs.resolve),
  };
}

function mergeResolves(base: Resolve, mine: Resolve, theirs: Resolve): Resolve {
  return {
    outcome: mine.outcome === base.outcome ? theirs.outcome : mine.outcome,
    about: mergeAnswers(base.about, mine.about, theirs.about),
    next: mergeAnswers(base.next, mine.next, theirs.next),
  };
}

function mergeAnswers(base: string, mine: string, theirs: string): string {
  if (mine === base || theirs.includes(mine)) return theirs;
  return theirs === base || mine.includes(theirs) ? mine : `${theirs}\n\n${mine}`;
}
