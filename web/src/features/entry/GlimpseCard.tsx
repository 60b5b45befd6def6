import type { Api } from '../../api';
import { GlimpseLook } from './GlimpseLook';

type Props = { work: Api['Glimpse']; words: string };

/** A piece of work as it fills a small card: its look, and its first words where it is a text; `words` says how these are set. */
export function GlimpseCard({ work, words }: Props) {
  const isSeen = work.picture || work.kind === 'INK' || work.peaks.length > 0;
  return isSeen ? (
    <GlimpseLook work={work} className="h-full w-full" />
  ) : (
    <span className={`px-1.5 pt-1 leading-snug ${words}`}>{work.words || work.name}</span>
  );
}
