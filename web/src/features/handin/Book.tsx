import { memo, useDeferredValue, useEffect, useMemo, useRef } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Api } from '../../api';
import { dayName, Heading, Key } from '../../ui';
import { codesOn, type Leaf, leavesOf, pieceOf, placesAround } from './leaves';
import { SealedContent } from './SealedContent';
import { SealedPage, SealedSheet } from './SealedPages';
import { useLeafing } from './useLeafing';

type Props = {
  title: string;
  /** Whose it is, and what is to be said of it on its first leaf. */
  about: readonly string[];
  content: Pick<Api['SealedView'], 'pages' | 'reflections'>;
  /** The book before and the one after, where there are several to read in a row. */
  onBefore?: () => void;
  onAfter?: () => void;
  onClose: () => void;
  /** What else can be done, beside turning its leaves. */
  more?: { name: string; keyName: string; onPress: () => void };
};

const NOT_YET = Number.NEGATIVE_INFINITY;

/** Work read page by page: large, by keys, fingers or a clicker, with everything that plays in its place. */
export function Book({ title, about, content, onBefore, onAfter, onClose, more }: Props) {
  const leaves = useMemo(() => leavesOf(content), [content]);
  const [search, setSearch] = useSearchParams();
  const piece = pieceOf(content, search.get('piece'));
  const close = piece ? () => setSearch({}) : onClose;
  const leafing = useLeafing({ count: leaves.length, isStill: !!piece, onBefore, onAfter, onClose: close });
  const { at, open, size } = leafing;
  const last = Math.min(at + open, leaves.length);
  // The leaves around are there before they are turned to: they are drawn when those that lie open have been painted.
  const around = useDeferredValue(at, NOT_YET);
  return (
    <section aria-label="Book" className="fixed inset-0 z-50 flex flex-col bg-bar">
      <Heading name={title} className="sr-only" />
      <div
        // A finger to the side turns a leaf, and takes nobody back to the screen before.
        className="grid min-h-0 flex-1 touch-pan-y touch-pinch-zoom grid-rows-[minmax(0,1fr)] justify-center gap-px px-2 pt-3 sm:px-10 sm:pt-6"
        style={{ gridTemplateColumns: piece ? 'minmax(0, 1120px)' : `repeat(${open}, minmax(0, 860px))` }}
        {...leafing.fingers}
      >
        {piece && (
          <section
            aria-label="The piece by itself"
            // biome-ignore lint/a11y/noNoninteractiveTabindex: a long piece is scrolled by keys
            tabIndex={0}
            className="z-10 col-start-1 row-start-1 min-w-0 overflow-y-auto rounded-md bg-card px-5 pb-8 sm:px-10"
            style={{ zoom: size }}
          >
            <Points codes={piece.codes} />
            <Piece entry={piece} />
          </section>
        )}
        {placesAround(leaves.length, open, at, around).map((place) => {
          const leaf = leaves[place] as Leaf;
          return (
            <LeafCard
              key={place}
              leaf={leaf}
              title={title}
              about={about}
              size={size}
              // Each leaf has its side, so that it lies there laid out before it is turned to.
              side={piece ? 1 : 1 + (place % open)}
              isOpen={!piece && place >= at && place < last}
              isRead={!piece && place >= around && place < around + open}
            />
          );
        })}
        {!piece && open > last - at && (
          <div className="z-1 row-start-1 rounded-md bg-card" style={{ gridColumn: open }} />
        )}
      </div>
      <nav
        aria-label="Leaves"
        className="flex flex-wrap items-center justify-center gap-x-5 gap-y-1 px-3 py-2.5 text-on-bar"
      >
        {!piece && (
          <>
            <Turn name="Page before" keyName="←" onPress={leafing.before} />
            <output aria-live="polite">
              {at + 1 === last ? last : `${at + 1} and ${last}`} of {leaves.length}
            </output>
            <Turn name="Next page" keyName="→" onPress={leafing.next} />
          </>
        )}
        <Turn name="Smaller" keyName="−" onPress={leafing.smaller} />
        <Turn name="Larger" keyName="+" onPress={leafing.larger} />
        <Turn
          name={leafing.isLarge ? 'Leave the full screen' : 'Full screen'}
          keyName="F"
          onPress={leafing.fullScreen}
        />
        {more && <Turn {...more} />}
        <Turn name={piece ? 'Back to the book' : 'Close'} keyName="Esc" onPress={close} />
      </nav>
    </section>
  );
}

type CardProps = {
  leaf: Leaf;
  title: string;
  about: readonly string[];
  size: number;
  side: number;
  isOpen: boolean;
  /** Follows when the leaf has been painted: to be inert or not costs a new style for all that stands on it. */
  isRead: boolean;
};

/** A leaf, in a layer of its own: one that is not open lies painted below those that are, so that to turn to it is to lift it. */
const LeafCard = memo(function LeafCard({ leaf, title, about, size, side, isOpen, isRead }: CardProps) {
  const card = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isRead || !card.current) return;
    card.current.scrollTop = 0;
    // Nobody hears a clip that goes on behind the leaf that was turned.
    for (const clip of card.current.querySelectorAll('video')) clip.pause();
  }, [isRead]);
  return (
    <div
      ref={card}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a long leaf is scrolled by keys
      tabIndex={0}
      role="group"
      inert={!isRead}
      aria-label={nameOf(leaf, title)}
      className="row-start-1 min-w-0 touch-pan-y touch-pinch-zoom overflow-y-auto rounded-md bg-card px-5 pb-8 sm:px-10"
      style={{ zoom: size, gridColumn: side, zIndex: isOpen ? 1 : 0, willChange: 'transform' }}
    >
      <LeafView leaf={leaf} title={title} about={about} />
    </div>
  );
});

const nameOf = (leaf: Leaf, title: string) =>
  leaf.kind === 'page' ? leaf.page.title : leaf.kind === 'sheet' ? leaf.sheet.title : title;

function Turn({ name, keyName, onPress }: { name: string; keyName: string; onPress: () => void }) {
  return (
    <button
      type="button"
      onClick={onPress}
      className="flex min-h-8 items-center gap-1.5 rounded px-1.5 hover:bg-bar-line/40"
    >
      {name}
      <span className="max-sm:hidden">
        <Key>{keyName}</Key>
      </span>
    </button>
  );
}

/** What stands on a leaf: drawn once, not again when it is turned to. */
const LeafView = memo(function LeafView({
  leaf,
  title,
  about,
}: { leaf: Leaf } & Pick<Props, 'title' | 'about'>) {
  if (leaf.kind === 'title')
    return (
      <div className="pt-[18vh]">
        <h2 className="text-[34px] leading-tight">{title}</h2>
        {about.map((line) => (
          <p key={line} className="mt-1.5 text-soft">
            {line}
          </p>
        ))}
      </div>
    );
  if (leaf.kind === 'sheet')
    return (
      <div className="pt-8">
        <SealedSheet sheet={leaf.sheet} pages={leaf.pages} />
      </div>
    );
  return (
    <>
      <Points codes={codesOn(leaf.page)} />
      <SealedPage
        page={leaf.page}
        entry={(_, entry) => (
          <>
            <Piece entry={entry} />
            {entry.isPiece && (
              <Link
                to={{ search: `?piece=${entry.id}` }}
                className="mt-0.5 inline-flex min-h-6 items-center text-[13px] font-semibold text-petrol hover:underline"
              >
                Open it by itself
              </Link>
            )}
          </>
        )}
      />
    </>
  );
});

function Piece({ entry }: { entry: Api['SealedEntryView'] }) {
  return (
    <>
      <SealedContent entry={entry} />
      {entry.caption && <p className="mt-0.5 text-[13px] text-soft">{entry.caption}</p>}
    </>
  );
}

/** The points of a page at its edge, cut out of it. */
function Points({ codes }: { codes: string[] }) {
  if (codes.length === 0) return <div className="h-8" />;
  return (
    <ul aria-label="Points" className="mb-4 flex flex-wrap gap-x-5 gap-y-1">
      {codes.map((code) => (
        <li key={code} className="text-center text-[12px] font-bold text-petrol">
          <svg viewBox="0 0 16 22" className="mx-auto h-5 w-4 fill-bar" aria-hidden="true">
            <path d="M0 0h16l-3 16a5 5 0 0 1-10 0z" />
          </svg>
          {code}
        </li>
      ))}
    </ul>
  );
}

/** What a sealed version says of itself on its first leaf. */
export const aboutVersion = (version: Api['SealedView'], name: string): string[] => [
  version.student,
  version.notebook,
  `${name}, sealed ${dayName(version.sealedAt.slice(0, 10))}`,
];
