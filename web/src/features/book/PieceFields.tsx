import { useId } from 'react';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { OrderButtons } from '../../ui';
import { GlimpseCard } from '../entry';
import { RangeGauge } from '../reflection';
import type { BookPiece } from './queries';

type Props = {
  piece: BookPiece;
  range: Api['WordRange'];
  work: Api['Glimpse'][];
  isFirst: boolean;
  isLast: boolean;
  onChange: (part: Partial<BookPiece>) => void;
  onMove: (by: -1 | 1) => void;
  onRemove: () => void;
};

/** A piece on a page of the book: what it shows, and why it is there. */
export function PieceFields({ piece, range, work, isFirst, isLast, onChange, onMove, onRemove }: Props) {
  const id = useId();
  const find = (entry?: string) => work.find((one) => one.id === entry);
  const own = find(piece.entry);
  const name = own?.name ?? 'this piece';
  return (
    <li className="border-t border-line py-3">
      <div className="flex flex-wrap items-center gap-3">
        {piece.beside && <Look work={find(piece.beside)} says="Then" />}
        <Look work={own} says={piece.beside ? 'Now' : ''} />
        <b className="min-w-40 flex-1">
          {own ? (
            <Link to={`/p/${own.pageId}?entry=${own.id}`} className="hover:text-petrol hover:underline">
              {name}
            </Link>
          ) : (
            'In the bin, or on its way to the server'
          )}
        </b>
        <OrderButtons name={name} isFirst={isFirst} isLast={isLast} onMove={onMove} onRemove={onRemove} />
      </div>
      <label className="mt-2 block text-[13.5px] text-soft" htmlFor={`${id}-shows`}>
        What it shows
      </label>
      <input
        id={`${id}-shows`}
        value={piece.shows}
        maxLength={500}
        className="min-h-9 w-full rounded-md border border-line bg-card px-2.5"
        onChange={(event) => onChange({ shows: event.target.value })}
      />
      <label className="mt-2 block text-[13.5px] text-soft" htmlFor={`${id}-why`}>
        Why I chose it
      </label>
      <textarea
        id={`${id}-why`}
        aria-describedby={`${id}-count`}
        value={piece.why}
        rows={3}
        maxLength={10_000}
        className="block field-sizing-content w-full resize-y rounded-md border border-line bg-card px-2.5 py-1.5"
        onChange={(event) => onChange({ why: event.target.value })}
      />
      <RangeGauge id={`${id}-count`} range={range} words={piece.why} spoken={0} isHandwritten={false} />
    </li>
  );
}

function Look({ work, says }: { work?: Api['Glimpse']; says: string }) {
  return (
    <span className="shrink-0 text-center text-[12px] text-soft">
      <span className="block h-[72px] w-[112px] overflow-hidden rounded border border-line text-left">
        {work && <GlimpseCard work={work} words="line-clamp-4 text-[11.5px]" />}
      </span>
      {says}
    </span>
  );
}
