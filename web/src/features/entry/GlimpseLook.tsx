import type { Api } from '../../api';
import { length } from '../../ui';
import { Waveform } from '../voice';

/** A piece of work by what it is known again, in a box of a small card: a picture, a drawing, a waveform; text has none. */
export function GlimpseLook({ work, className }: { work: Api['Glimpse']; className: string }) {
  if (work.picture)
    return (
      <img
        src={`/api/media/${work.picture}/screen`}
        alt=""
        loading="lazy"
        draggable={false}
        className={`${className} object-cover`}
      />
    );
  if (work.kind === 'INK')
    return (
      <img
        src={`/api/entries/${work.id}/ink.svg`}
        alt=""
        loading="lazy"
        draggable={false}
        className={`${className} bg-sheet object-contain p-1`}
      />
    );
  if (work.peaks.length > 0) return <Sound peaks={work.peaks} seconds={work.seconds} className={className} />;
  return null;
}

/** Bars that fit into a small card. */
const BARS = 30;

function Sound({ peaks, seconds, className }: { peaks: number[]; seconds: number; className: string }) {
  return (
    <span className={`${className} flex items-center gap-1 px-1.5 py-1`}>
      <span className="h-full min-w-0 flex-1">
        <Waveform peaks={peaks} share={1} most={BARS} />
      </span>
      <span className="text-[11px] text-soft">{length(seconds)}</span>
    </span>
  );
}
