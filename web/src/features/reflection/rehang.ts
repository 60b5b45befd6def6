import { type Answer, NO_ANSWER } from './mergeSheets';

/**
 * Answers as they stand under other questions: each goes along with its question. What answered a question that is no longer asked
 * stays in the last answer, below its question, so that no word is lost.
 */
export function rehang(answers: Answer[], before: string[], now: string[]): Answer[] {
  const hung = now.map((question) => answers[before.indexOf(question)] ?? NO_ANSWER);
  const loose = before.flatMap((question, i) => {
    const answer = answers[i] ?? NO_ANSWER;
    return now.includes(question) || isNothing(answer) ? [] : [{ question, answer }];
  });
  return loose.reduce((all, { question, answer }) => {
    const last = all.at(-1) ?? NO_ANSWER;
    const words = [last.words, question, answer.words].filter(Boolean).join('\n\n');
    const { pieces, made } = answer;
    return [
      ...all.slice(0, -1),
      { ...last, words, pieces: [...last.pieces, ...pieces], made: [...last.made, ...made] },
    ];
  }, hung);
}

const isNothing = ({ words, pieces, made }: Answer) =>
  !words.trim() && pieces.length === 0 && made.length === 0;
