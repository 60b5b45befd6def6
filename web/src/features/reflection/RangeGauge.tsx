import type { Api } from '../../api';
import { countWords, length, wordsPlace } from '../../ui';
import { isIn, WORDS_A_SECOND, wordsIn } from './filled';

type Props = {
  id: string;
  range: Api['WordRange'];
  words: string;
  /** How long was spoken as the answer, in seconds. */
  spoken: number;
  isHandwritten: boolean;
};

/** Where an answer stands in its range: the range as a band, the answer as a notch above it. */
export function RangeGauge({ id, range, words, spoken, isHandwritten }: Props) {
  const { least, most } = range;
  const typed = countWords(words);
  const filled = { words: typed, spoken, isByHand: isHandwritten };
  const all = wordsIn(filled);
  const isThere = isIn(filled, range);
  const end = Math.max(1, most * 1.15);
  return (
    <div className="flex min-h-8 flex-wrap items-center gap-x-3 text-[13px] text-soft">
      <svg viewBox="0 0 180 12" className="h-3 w-[180px] overflow-visible" aria-hidden="true">
        <rect y="7" width="180" height="4" rx="2" fill="var(--desk)" />
        <rect
          x={(180 * least) / end}
          y="7"
          width={(180 * (most - least)) / end}
          height="4"
          fill={isThere ? 'var(--moss)' : 'var(--line)'}
        />
        <path
          d="M-5 0h10L0 6z"
          transform={`translate(${Math.min(180, (180 * all) / end)} 0)`}
          fill={isThere ? 'var(--moss)' : 'var(--brass)'}
        />
      </svg>
      <span id={id} aria-live="polite">
        {spoken > 0
          ? `${typed > 0 ? `${typed} typed and ` : ''}${length(spoken)} spoken, of ${length(least / WORDS_A_SECOND)} to ${length(most / WORDS_A_SECOND)}`
          : isHandwritten && typed === 0
            ? 'written by hand'
            : wordsPlace(typed, least, most)}
      </span>
    </div>
  );
}
