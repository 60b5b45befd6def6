import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Api } from '../../api';
import { Empty, type EvidenceKind, Heading, Trouble } from '../../ui';
import { Beside } from './Beside';
import { ChoiceBar } from './ChoiceBar';
import { KeptPairs } from './KeptPairs';
import { Piece } from './Piece';
import { PieceStrip } from './PieceStrip';
import { type Choice, growthQuery, type Pair } from './queries';
import { WeekLines } from './WeekLines';

/** Work in order of time, two pieces of it side by side, and what changed between them. */
export function GrowthScreen() {
  const { notebook } = useParams();
  const [search, setSearch] = useSearchParams();
  const choice = choiceOf(search, notebook);
  const pair = pairOf(search);
  const { data: growth, error } = useQuery({
    ...growthQuery(choice, pair),
    placeholderData: keepPreviousData,
  });
  const put = (values: Record<string, string | number | undefined>) =>
    setSearch(
      (now) => {
        for (const [name, value] of Object.entries(values))
          if (value === undefined || value === '') now.delete(name);
          else now.set(name, `${value}`);
        return now;
      },
      { replace: true },
    );
  const choose = (values: Record<string, string | undefined>) =>
    put({ ...values, entries: undefined, earlier: undefined, later: undefined });
  const turn = (both: Api['PairView']) => put(both);
  return (
    <div className="max-w-[1500px]">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <Heading name="Growth" className="mb-2 text-[24px]" />
        <Link to="/books" className="font-semibold text-petrol hover:underline">
          Book of the year
        </Link>
      </div>
      <ChoiceBar choice={choice} onChoose={choose} />
      <Trouble>{error?.message}</Trouble>
      {growth?.count === 0 && (
        <Empty>
          {isNarrowed(choice)
            ? 'No work is like that. Choose another topic, kind or word.'
            : 'Nothing is made yet. What you make stands here in order of time.'}
        </Empty>
      )}
      {growth?.only && (
        <>
          <p className="mb-2 text-soft">
            There is one piece so far. With a second one you see what changed from one to the other.
          </p>
          <div className="max-w-xl">
            <Piece piece={growth.only} says="The only one" />
          </div>
        </>
      )}
      {growth?.beside && (
        <>
          <Beside
            key={`${growth.beside.earlier.entry.id} ${growth.beside.later.entry.id}`}
            beside={growth.beside}
            count={growth.count}
            onTurn={turn}
          />
          <PieceStrip choice={choice} count={growth.count} beside={growth.beside} onTurn={turn} />
        </>
      )}
      {notebook && !choice.entries && <WeekLines notebook={notebook} node={choice.node} />}
      <KeptPairs />
    </div>
  );
}

function choiceOf(search: URLSearchParams, notebook?: string): Choice {
  const entries = search.getAll('entries');
  return {
    notebook,
    node: search.get('node') ?? undefined,
    kind: (search.get('kind') ?? undefined) as EvidenceKind | undefined,
    words: search.get('words') ?? undefined,
    mark: search.get('mark') ?? undefined,
    entries: entries.length > 0 ? entries : undefined,
  };
}

const isNarrowed = ({ node, kind, words, mark, entries }: Choice) =>
  !!(node || kind || words || mark || entries);

const pairOf = (search: URLSearchParams): Pair => ({
  earlier: placeIn(search.get('earlier')),
  later: placeIn(search.get('later')),
});

const placeIn = (value: string | null) => (value === null ? undefined : Number(value));
