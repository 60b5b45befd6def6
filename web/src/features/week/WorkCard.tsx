import { Link } from 'react-router';
import type { Api } from '../../api';
import { evidenceOf, length, Shape } from '../../ui';

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
  const step = peaks.length / BARS;
  const bars = Array.from({ length: BARS }, (_, i) =>
    Math.max(
      0,
      ...peaks.slice(Math.floor(i * step), Math.max(Math.floor(i * step) + 1, Math.floor((i + 1) * step))),
    ),
  );
  return (
    <span className={`${className} flex items-center gap-1 px-1.5`}>
      <svg
        viewBox={`0 0 ${BARS * 3} 30`}
        preserveAspectRatio="none"
        className="h-[26px] min-w-0 flex-1"
        aria-hidden="true"
      >
        {bars.map((peak, i) => {
          const height = Math.max(2, (peak / 100) * 28);
          return (
            <rect key={i} x={i * 3 + 0.5} width={2} y={15 - height / 2} height={height} fill="var(--soft)" />
          );
        })}
      </svg>
      <span className="text-[11px] text-soft">{length(seconds)}</span>
    </span>
  );
}
