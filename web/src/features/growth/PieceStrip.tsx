import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Api } from '../../api';
import { Button, Card, dayName, plural } from '../../ui';
import { GlimpseCard } from '../entry';
import { AT_ONCE, type Choice, growthPiecesQuery } from './queries';

type Props = {
  choice: Choice;
  count: number;
  beside: Api['BesideView'];
  onTurn: (pair: Api['PairView']) => void;
};

/** All pieces in order of time; any two of them can be set beside each other. */
export function PieceStrip({ choice, count, beside, onTurn }: Props) {
  const [from, setFrom] = useState(0);
  const lines =
    useQuery({ ...growthPiecesQuery(choice, from), placeholderData: keepPreviousData }).data ?? [];
  return (
    <Card title={`${plural(count, 'piece')} in order of time`} className="mb-3">
      <ol className="flex gap-2 overflow-x-auto pb-2">
        {lines.map((line) => (
          <Line
            key={line.piece.id}
            line={line}
            then={beside.earlier.at}
            now={beside.later.at}
            onTurn={onTurn}
          />
        ))}
      </ol>
      {count > AT_ONCE && (
        <div className="mt-2 flex items-center gap-2">
          <Button disabled={from === 0} onClick={() => setFrom(from - AT_ONCE)}>
            Earlier ones
          </Button>
          <Button disabled={from + AT_ONCE >= count} onClick={() => setFrom(from + AT_ONCE)}>
            Later ones
          </Button>
          <span className="text-[13.5px] text-soft">
            {from + 1} to {Math.min(from + AT_ONCE, count)} of {count}
          </span>
        </div>
      )}
    </Card>
  );
}

type LineProps = { line: Api['GrowthLine']; then: number; now: number; onTurn: Props['onTurn'] };

function Line({ line: { at, piece, day }, then, now, onTurn }: LineProps) {
  const isShown = at === then || at === now;
  const name = piece.name || piece.words;
  return (
    <li
      className={`flex w-[132px] shrink-0 flex-col rounded-md border ${isShown ? 'border-2 border-petrol' : 'border-line'}`}
    >
      <span className="block h-[74px] overflow-hidden rounded-t-md border-b border-line">
        <GlimpseCard work={piece} words="line-clamp-4 text-[12.5px]" />
      </span>
      <span className="px-2 pt-1 text-[13px]">{dayName(day)}</span>
      <span className="flex px-1 pb-1 text-[13px]">
        <Side
          says="Then"
          name={name}
          isChosen={at === then}
          isOff={at >= now}
          onPress={() => onTurn({ earlier: at, later: now })}
        />
        <Side
          says="Now"
          name={name}
          isChosen={at === now}
          isOff={at <= then}
          onPress={() => onTurn({ earlier: then, later: at })}
        />
      </span>
    </li>
  );
}

type SideProps = { says: string; name: string; isChosen: boolean; isOff: boolean; onPress: () => void };

function Side({ says, name, isChosen, isOff, onPress }: SideProps) {
  return (
    <button
      type="button"
      aria-pressed={isChosen}
      aria-label={`${says}: ${name}`}
      disabled={isOff}
      className={`min-h-7 rounded px-1.5 disabled:opacity-40 ${isChosen ? 'bg-petrol font-semibold text-on-petrol' : 'text-petrol hover:underline'}`}
      onClick={onPress}
    >
      {says}
    </button>
  );
}
