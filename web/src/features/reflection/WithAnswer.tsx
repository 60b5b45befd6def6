import type { Api } from '../../api';
import { DrawnPiece } from './DrawnPiece';
import { MadePiece } from './MadePiece';
import type { Answer } from './mergeSheets';
import type { Made } from './useMade';

type Props = {
  notebook: string;
  answer: Answer;
  work: Map<string, Api['Glimpse']>;
  made: Made;
  onTakeOut: (list: 'pieces' | 'made', id: string) => void;
};

/** All that stands with the words of an answer. */
export function WithAnswer({ notebook, answer, work, made, onTakeOut }: Props) {
  if (answer.pieces.length + answer.made.length === 0) return null;
  return (
    <ul aria-label="With this answer" className="mt-2 flex flex-wrap items-stretch gap-2">
      {answer.pieces.map((piece) => (
        <DrawnPiece
          key={piece}
          work={work.get(piece)}
          notebook={notebook}
          onTakeOut={() => onTakeOut('pieces', piece)}
        />
      ))}
      {answer.made.map((one) => (
        <MadePiece
          // A drawing that has arrived is opened to be written on; what runs is not there yet.
          key={`${one} ${made.entries.has(one)}`}
          entry={made.entries.get(one)}
          onRedraw={made.redraw}
          onTakeOut={() => onTakeOut('made', one)}
        />
      ))}
    </ul>
  );
}
