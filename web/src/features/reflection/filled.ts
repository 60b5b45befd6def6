import type { Api } from '../../api';

/** How much there is of an answer: words typed, seconds spoken, and whether something was written by hand. */
export type Filled = { words: number; spoken: number; isByHand: boolean };

/** Who says what they think aloud says about two words a second, as the core counts it. */
export const WORDS_A_SECOND = 2;

/** All words, typed and spoken; what was written by hand is not counted. */
export const wordsIn = ({ words, spoken }: Filled) => words + Math.round(spoken * WORDS_A_SECOND);

/** Whether an answer is as long as asked, as the core judges it. */
export const isIn = (filled: Filled, { least, most }: Api['WordRange']) =>
  wordsIn(filled) <= most && (filled.isByHand || wordsIn(filled) >= least);
