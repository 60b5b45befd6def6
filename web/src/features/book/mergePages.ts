import { mergeAnswerLists, type WrittenAnswer } from '../reflection';
import type { BookPiece } from './queries';

/** What is on a page while it is written; its words are its one answer. */
export type Written = {
  answers: WrittenAnswer[];
  heading: string;
  leftOut: boolean;
  pieces: BookPiece[];
};

/** A page that two devices changed: words of both, pieces of both, of all else what was changed here. */
export const mergePages = (base: Written, mine: Written, theirs: Written): Written => ({
  answers: mergeAnswerLists(base.answers, mine.answers, theirs.answers),
  heading: mine.heading === base.heading ? theirs.heading : mine.heading,
  leftOut: mine.leftOut === base.leftOut ? theirs.leftOut : mine.leftOut,
  pieces: mergePieces(base.pieces, mine.pieces, theirs.pieces),
});

/** What either took out is gone, what one added is there; of a piece that both have, the words that were changed here. */
function mergePieces(base: BookPiece[], mine: BookPiece[], theirs: BookPiece[]): BookPiece[] {
  const find = (all: BookPiece[], entry: string) => all.find((piece) => piece.entry === entry);
  const kept = theirs
    .filter((piece) => find(mine, piece.entry) || !find(base, piece.entry))
    .map((piece) => {
      const own = find(mine, piece.entry);
      const before = find(base, piece.entry);
      return own && JSON.stringify(own) !== JSON.stringify(before) ? own : piece;
    });
  const added = mine.filter((piece) => !find(base, piece.entry) && !find(theirs, piece.entry));
  return [...kept, ...added];
}
