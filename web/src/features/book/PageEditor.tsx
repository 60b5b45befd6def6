import { useId } from 'react';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { Card, moved, Tick, Trouble } from '../../ui';
import { RangeGauge } from '../reflection';
import { OfferedPieces } from './OfferedPieces';
import { PieceFields } from './PieceFields';
import type { BookPage, BookPiece } from './queries';
import { usePage } from './usePage';

type Props = { book: string; page: BookPage; work: Api['Glimpse'][]; lacks: Api['BookLack'][] };

/** The page of a book that is open: its heading, what it asks, and what is on it. */
export function PageEditor({ book, page, work, lacks }: Props) {
  const { sheet, change, answer, kept, trouble } = usePage(book, page);
  const put = (pieces: BookPiece[]) => change(() => ({ pieces }));
  return (
    <div className="min-w-0">
      <Card>
        <div className="flex flex-wrap items-baseline justify-between gap-x-3">
          <textarea
            aria-label="Heading of the page"
            value={sheet.heading}
            rows={1}
            maxLength={120}
            className="field-sizing-content min-w-0 flex-1 resize-none bg-transparent font-head text-[20px] leading-tight font-bold"
            onChange={({ target: { value } }) => change(() => ({ heading: value.replace(/\n/g, ' ') }))}
          />
          <output className="text-[13px] text-soft" aria-live="polite">
            {kept}
          </output>
        </div>
        <Trouble>{trouble}</Trouble>
        {page.question && <p className="mt-1 mb-2">{page.question}</p>}
        {page.kind === 'WORDS' && (
          <Words
            page={page}
            words={sheet.answers[0]?.words ?? ''}
            onChange={(words) => answer(0, () => ({ words }))}
          />
        )}
        {page.kind === 'FIGURES' && <Figures notebook={page.notebook} />}
        {page.kind === 'SUBJECT' && (
          <ol>
            {sheet.pieces.map((piece, at) => (
              <PieceFields
                key={piece.entry}
                piece={piece}
                range={page.range}
                work={work}
                isFirst={at === 0}
                isLast={at === sheet.pieces.length - 1}
                onChange={(part) => put(sheet.pieces.map((one, i) => (i === at ? { ...one, ...part } : one)))}
                onMove={(by) => put(moved(sheet.pieces, at, by))}
                onRemove={() => put(sheet.pieces.filter((_, i) => i !== at))}
              />
            ))}
          </ol>
        )}
        {page.kind !== 'SUBJECT' &&
          lacks.map((lack) => (
            <p key={lack.words} className="mt-1 text-[13.5px] text-brass">
              {lack.words}
            </p>
          ))}
        <div className="mt-3">
          <Tick
            checked={sheet.leftOut}
            onChange={({ target: { checked } }) => change(() => ({ leftOut: checked }))}
          >
            Leave this page out of the book
          </Tick>
        </div>
      </Card>
      {page.kind === 'SUBJECT' && page.notebook && (
        <OfferedPieces
          notebook={page.notebook}
          chosen={sheet.pieces}
          onPut={(piece) => put([...sheet.pieces, piece])}
        />
      )}
    </div>
  );
}

function Words({
  page,
  words,
  onChange,
}: {
  page: BookPage;
  words: string;
  onChange: (words: string) => void;
}) {
  const id = useId();
  return (
    <>
      <textarea
        aria-label={page.question || page.heading}
        aria-describedby={id}
        value={words}
        rows={10}
        maxLength={20_000}
        placeholder="Write here"
        className="block field-sizing-content min-h-40 w-full resize-y bg-card text-[15px] leading-normal placeholder:text-soft"
        onChange={(event) => onChange(event.target.value)}
      />
      <RangeGauge id={id} range={page.range} words={words} spoken={0} isHandwritten={false} />
    </>
  );
}

function Figures({ notebook }: { notebook?: string }) {
  return (
    <p className="py-2">
      The figures are worked out from your notebook whenever the book is read, and stay as they are once it is
      sealed.{' '}
      <Link to={`/n/${notebook}/growth`} className="font-semibold text-petrol hover:underline">
        See growth
      </Link>
    </p>
  );
}
