import type { Api } from '../../api';

/** What became of the last intention, and the next one. */
export type Resolve = Api['ResolveView'];

export type Answer = Api['Answer'];

/** What a student puts on a weekly sheet: an answer for each prompt, own ratings by topic, intentions, and why a week is let go. */
export type Sheet = {
  answers: Answer[];
  ratings: Record<string, number>;
  resolve: Resolve;
  letGo: string;
};

export const NO_ANSWER: Answer = { words: '', given: '', pieces: [], made: [] };

/**
 * A sheet that was written in two places since `base`, with the words of both: where both changed an answer,
 * theirs stands first and mine below it.
 */
export function mergeSheets(base: Sheet, mine: Sheet, theirs: Sheet): Sheet {
  const changed = Object.entries(mine.ratings).filter(([topic, value]) => base.ratings[topic] !== value);
  return {
    answers: mergeAnswerLists(base.answers, mine.answers, theirs.answers),
    ratings: { ...theirs.ratings, ...Object.fromEntries(changed) },
    resolve: mergeResolves(base.resolve, mine.resolve, theirs.resolve),
    letGo: mine.letGo === base.letGo ? theirs.letGo : mine.letGo,
  };
}

/** Answers to the same questions, each with the words of both. */
export const mergeAnswerLists = (base: Answer[], mine: Answer[], theirs: Answer[]): Answer[] =>
  theirs.map((answer, i) => mergeAnswers(base[i] ?? NO_ANSWER, mine[i] ?? NO_ANSWER, answer));

function mergeAnswers(base: Answer, mine: Answer, theirs: Answer): Answer {
  return {
    words: mergeWords(base.words, mine.words, theirs.words),
    given: mine.given === base.given ? theirs.given : mine.given,
    pieces: mergeLists(base.pieces, mine.pieces, theirs.pieces),
    made: mergeLists(base.made, mine.made, theirs.made),
  };
}

function mergeResolves(base: Resolve, mine: Resolve, theirs: Resolve): Resolve {
  return {
    outcome: mine.outcome === base.outcome ? theirs.outcome : mine.outcome,
    about: mergeWords(base.about, mine.about, theirs.about),
    next: mergeWords(base.next, mine.next, theirs.next),
  };
}

/** What both have or one added; what either took out is gone. */
function mergeLists(base: string[], mine: string[], theirs: string[]): string[] {
  const isGone = (id: string) => base.includes(id) && !(mine.includes(id) && theirs.includes(id));
  return [...new Set([...theirs, ...mine])].filter((id) => !isGone(id));
}

function mergeWords(base: string, mine: string, theirs: string): string {
  if (mine === base || theirs.includes(mine)) return theirs;
  return theirs === base || mine.includes(theirs) ? mine : `${theirs}\n\n${mine}`;
}
