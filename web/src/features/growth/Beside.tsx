import type { Api } from '../../api';
import { Button, useKeys } from '../../ui';
import { Changes } from './Changes';
import { PairWords } from './PairWords';
import { Piece } from './Piece';

type Props = {
  beside: Api['BesideView'];
  count: number;
  onTurn: (pair: Api['PairView']) => void;
};

/** Two pieces at the same size, what changed between them, and the student's words on that. */
export function Beside({ beside, count, onTurn }: Props) {
  const { earlier, later, changes, before, next } = beside;
  useKeys({ arrowleft: () => onTurn(before), arrowright: () => onTurn(next) });
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-3 sm:grid-cols-2">
        <Piece piece={earlier} says={placeOf(earlier.at, count)} />
        <Piece piece={later} says={placeOf(later.at, count)} />
      </div>
      <div className="my-2 flex flex-wrap items-center justify-center gap-2">
        <Button hotkey="←" onClick={() => onTurn(before)} disabled={count < 3}>
          Pair before
        </Button>
        <Button hotkey="→" onClick={() => onTurn(next)} disabled={count < 3}>
          Next pair
        </Button>
      </div>
      <Changes changes={changes} />
      <PairWords beside={beside} />
    </>
  );
}

function placeOf(at: number, count: number): string {
  if (at === 0) return `the first of ${count}`;
  return at === count - 1 ? `the latest of ${count}` : `${at + 1} of ${count}`;
}
