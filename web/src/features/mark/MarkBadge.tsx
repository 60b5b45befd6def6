import type { Choice } from './choices';
import { LETTERS, SHAPES } from './shapes';

export const BADGE_LOOKS = {
  KEY: 'bg-brass text-card',
  QUESTION: 'bg-rust text-card',
  TASK: 'border-2 border-petrol text-petrol',
  OWN: 'bg-petrol text-on-petrol',
} as const;

/** The sign of a mark; one that nothing is open about any more is only outlined. */
export function MarkBadge({ choice, isSettled = false }: { choice: Choice; isSettled?: boolean }) {
  const look = isSettled ? 'border border-line bg-card text-soft' : BADGE_LOOKS[choice.kind];
  return (
    <span
      className={`inline-flex h-[17px] w-[17px] shrink-0 items-center justify-center rounded-[3px] text-[12px] leading-none font-bold ${look}`}
      aria-hidden="true"
    >
      {choice.own ? (
        <svg viewBox="0 0 14 14" width="11" height="11" className="fill-current" aria-hidden="true">
          <path d={SHAPES[choice.own.shape].path} />
        </svg>
      ) : choice.kind === 'TASK' && isSettled ? (
        <svg
          viewBox="0 0 14 14"
          width="11"
          height="11"
          className="fill-none stroke-current stroke-2"
          aria-hidden="true"
        >
          <path d="M2.500 7.500 6 11l5.500-8" />
        </svg>
      ) : (
        LETTERS[choice.kind]
      )}
    </span>
  );
}
