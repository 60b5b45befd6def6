import { Link } from 'react-router';
import type { Api } from '../../api';
import { evidenceOf, length, Shape } from '../../ui';
import { Waveform } from '../voice';

type Made = Api['MadeView'];

/** A thing that was made, small, as it is known again: a picture, a drawing, a waveform, the first words. */
export function WorkCard({ made }: { made: Made }) {
  const isText = made.kind === 'TYPED';
  return (
    <Link
      to={`/n/${made.notebookId}/p/${made.pageId}?entry=${made.id}`}
      title={made.name}
      className="flex h-[84px] w-[126px] flex-col overflow-hidden rounded-md border border-line bg-card hover:border-petrol"
    >
      <Look made={made} />
      <span className="flex min-h-0 items-start gap-1.5 p-1.5 text-[12.5px] leading-[1.3]">
        <span className="mt-[3px] flex">
          <Shape kind={evidenceOf(made.kind)} size={10} />
        </span>
        <span className={`min-w-0 break-words ${isText ? 'line-clamp-4' : 'line-clamp-2'}`}>
          {isText ? made.words || made.name : made.name}
        </span>
      </span>
    </Link>
  );
}

function Look({ made }: { made: Made }) {
  const box = 'h-[40px] w-full shrink-0 border-b border-line';
  if (made.picture)
    return (
      <img
        src={`/api/media/${made.picture}/screen`}
        alt=""
        loading="lazy"
        className={`${box} object-cover`}
      />
    );
  if (made.kind === 'INK')
    return (
      <img
        src={`/api/entries/${made.id}/ink.svg`}
        alt=""
        loading="lazy"
        className={`${box} bg-white object-contain p-1`}
      />
    );
  if (made.peaks.length > 0) return <Sound peaks={made.peaks} seconds={made.seconds} className={box} />;
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
