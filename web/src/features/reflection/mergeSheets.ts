/** What a student puts on a weekly sheet: an answer for each prompt, chosen entries, own ratings by topic. */
export type Sheet = { answers: string[]; choices: string[]; ratings: Record<string, number> };

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
  };
}

function mergeAnswers(base: string, mine: string, theirs: string): string {
  if (mine === base || theirs.includes(mine)) return theirs;
  return theirs === base || mine.includes(theirs) ? mine : `${theirs}\n\n${mine}`;
}
