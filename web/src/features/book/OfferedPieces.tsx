import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { Button, Card, Empty } from '../../ui';
import { GlimpseCard } from '../entry';
import { thenAndNowsQuery } from '../growth';
import { type BookPiece, offersQuery } from './queries';

type Props = { notebook: string; chosen: BookPiece[]; onPut: (piece: BookPiece) => void };

/** Pieces that are offered for a page, each with why, and the pairs of then and now. */
export function OfferedPieces({ notebook, chosen, onPut }: Props) {
  const isChosen = (entry: string) => chosen.some((piece) => piece.entry === entry);
  const offers = (useQuery(offersQuery(notebook)).data ?? []).filter((one) => !isChosen(one.piece.id));
  const pairs = (useQuery(thenAndNowsQuery).data ?? []).filter(
    ({ pair, later }) => pair.notebookId === notebook && later && !isChosen(pair.later),
  );
  return (
    <Card title="Offered" className="mt-3">
      {offers.length === 0 && pairs.length === 0 && (
        <Empty>
          Nothing stands out yet. Look back on a piece of work, or{' '}
          <Link to={`/n/${notebook}/growth`} className="font-semibold text-petrol hover:underline">
            keep a pair of then and now
          </Link>
          , and it is offered here.
        </Empty>
      )}
      <ul className="grid gap-x-5 xl:grid-cols-2">
        {pairs.map(({ pair, later }) => (
          <Offered
            key={pair.id}
            piece={later as Api['Glimpse']}
            name={pair.title}
            why="a pair that you kept"
            onPut={() => onPut({ entry: pair.later, beside: pair.earlier, shows: '', why: pair.words })}
          />
        ))}
        {offers.map(({ piece, reasons }) => (
          <Offered
            key={piece.id}
            piece={piece}
            name={piece.name}
            why={reasons.join(', ')}
            onPut={() => onPut({ entry: piece.id, shows: '', why: '' })}
          />
        ))}
      </ul>
    </Card>
  );
}

type OfferedProps = { piece: Api['Glimpse']; name: string; why: string; onPut: () => void };

function Offered({ piece, name, why, onPut }: OfferedProps) {
  return (
    <li className="flex items-center gap-3 border-b border-line py-2">
      <span className="grid h-[46px] w-[74px] shrink-0 place-items-center overflow-hidden rounded border border-line">
        <GlimpseCard work={piece} words="line-clamp-3 text-[10.5px]" />
      </span>
      <span className="min-w-0 flex-1">
        <b className="line-clamp-2">{name}</b>
        <span className="block text-[13px] text-soft">{why}</span>
      </span>
      <Button aria-label={`Put in ${name}`} onClick={onPut}>
        Put in
      </Button>
    </li>
  );
}
