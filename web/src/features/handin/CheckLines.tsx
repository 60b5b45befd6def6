import { useSuspenseQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { Button } from '../../ui';
import { contentsQuery } from '../contents';

type Props = { ready: Api['ReadyView']; notebook: string; isFitted: boolean; onFit: () => void };

/** What the check says, line by line, each with the way to the place that mends it. */
export function CheckLines({ ready, notebook, isFitted, onFit }: Props) {
  return (
    <ul>
      {ready.lines.map((line) => (
        <CheckLine key={line.words} line={line} isMended={isFitted && line.mend.fit}>
          {line.mend.fit ? (
            isFitted || (
              <Button onClick={onFit} className="shrink-0">
                Make it fit
              </Button>
            )
          ) : (
            <Mend place={line.mend} notebook={notebook} picked={ready.picked} />
          )}
        </CheckLine>
      ))}
    </ul>
  );
}

const MARKS: Record<Api['LineView']['outcome'], [string, string, string]> = {
  BLOCKS: ['M2 2h9v9H2z', 'text-rust', 'missing'],
  WARNS: ['M6.500 1 12 11.500H1z', 'text-brass', 'look at this'],
  PASSES: ['M6.500 3a3.500 3.500 0 1 0 .01 0z', 'text-moss', 'fine'],
};

type LineProps = { line: Api['LineView']; isMended: boolean; children: React.ReactNode };

function CheckLine({ line, isMended, children }: LineProps) {
  const [path, colour, name] = MARKS[isMended ? 'PASSES' : line.outcome];
  return (
    <li className="flex items-center gap-5 border-b border-line py-2 last:border-0">
      <svg
        viewBox="0 0 13 13"
        className={`size-3 shrink-0 fill-current ${colour}`}
        role="img"
        aria-label={name}
      >
        <path d={path} />
      </svg>
      <span className="flex-1">
        {isMended
          ? 'Pictures and sounds go out smaller, so that it fits. Yours stay as they are.'
          : line.words}
      </span>
      {children}
    </li>
  );
}

type MendProps = { place: Api['PlaceView']; notebook: string; picked: Api['PickedView'] };

/** The way to the place that mends a line. */
function Mend({ place, notebook, picked: { section, book } }: MendProps) {
  const pages = useSuspenseQuery(contentsQuery(notebook)).data.pages.filter(
    (page) => !section || page.sectionId === section,
  );
  const [to, words] = place.bookPage
    ? [`/books/${book}?page=${place.bookPage}`, 'Go to the page']
    : place.week
      ? [`/n/${notebook}/reflections/${place.week}`, 'Write on']
      : place.point
        ? [
            pages[0]
              ? `/n/${notebook}/p/${pages.at(-1)?.id}?point=${place.code}`
              : `/n/${notebook}/s/${section}`,
            `Go to ${place.code}`,
          ]
        : place.page
          ? [`/n/${notebook}/p/${place.page}${place.entry ? `?entry=${place.entry}` : ''}`, 'See it']
          : [];
  return to ? (
    <Link to={to} className="font-semibold whitespace-nowrap text-petrol hover:underline">
      {words}
    </Link>
  ) : null;
}
