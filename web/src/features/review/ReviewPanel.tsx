import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import type { Api } from '../../api';
import { Button, dayName, Empty, Heading } from '../../ui';
import { CueRound } from './CueRound';
import { type Review, reviewQuery } from './queries';

type Props = {
  page: Api['PageView'];
  showEntry: (entry: Api['EntryView']) => ReactNode;
  onClose: () => void;
};

/** A page folded to what is worth reading again; cue notes can be asked one by one instead. */
export function ReviewPanel({ page, showEntry, onClose }: Props) {
  const review = useQuery(reviewQuery(page.id)).data;
  const [isAsking, setAsking] = useState(false);
  return (
    <article className="min-h-[calc(100vh-8.5rem)] rounded-md bg-card px-4 py-6 shadow-[0_2px_14px_rgb(23_38_45/10%)] sm:px-10">
      <div className="flex flex-wrap items-start justify-between gap-2">
        <Heading name={`Review of ${page.title}`} className="text-[24px]">
          {page.title}
        </Heading>
        <Button onClick={onClose} hotkey="V">
          Whole page
        </Button>
      </div>
      <p className="mb-4 text-[13.5px] text-soft">
        {dayName(page.day)}
        {page.week && ` · Week ${page.week}`} · folded to what you marked
      </p>
      {review && !isAsking && (
        <>
          {review.cues.length > 0 && (
            <p className="mb-4 flex flex-wrap items-center gap-3 rounded-md bg-wash p-3">
              <span className="flex-1">{askWords(review)}</span>
              <Button look="act" onClick={() => setAsking(true)}>
                Ask me
              </Button>
            </p>
          )}
          <Folded lines={review.lines} />
        </>
      )}
      {review && isAsking && (
        <CueRound page={page} cues={review.cues} showEntry={showEntry} onEnd={() => setAsking(false)} />
      )}
    </article>
  );
}

function askWords({ cues }: Review): string {
  const notYet = cues.filter((cue) => cue.wasKnown === false).length;
  const count = cues.length === 1 ? '1 cue' : `${cues.length} cues`;
  return notYet > 0 ? `${count}, ${notYet} not known last time.` : `${count} to answer aloud.`;
}

const TITLES: Record<Api['FoldLineView']['kind'], string> = {
  CUE: 'Cue',
  KEY: 'Key',
  HIGHLIGHT: 'Highlighted',
  MARGIN: 'Key point',
  SUMMARY: 'Summary',
};
const LOOKS: Partial<Record<Api['FoldLineView']['kind'], string>> = {
  KEY: 'border-brass',
  HIGHLIGHT: 'border-marker-strong',
  SUMMARY: 'border-petrol bg-wash',
};

function Folded({ lines }: { lines: Api['FoldLineView'][] }) {
  if (lines.length === 0)
    return (
      <Empty>
        Nothing to fold to yet. Mark what is worth remembering with K, highlight words, or write a summary.
      </Empty>
    );
  return (
    <ul>
      {lines.map(({ kind, entry, words }) => (
        <li
          key={`${entry} ${words}`}
          className={`mb-2 border-l-[3px] py-0.5 pl-3 whitespace-pre-line ${LOOKS[kind] ?? 'border-line'}`}
        >
          <span className="mr-2 text-[12.5px] font-semibold text-soft">{TITLES[kind]}</span>
          {words}
        </li>
      ))}
    </ul>
  );
}
