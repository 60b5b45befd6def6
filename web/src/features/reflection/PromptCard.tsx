import { useId } from 'react';
import type { Api } from '../../api';
import { Card, countWords, wordsPlace } from '../../ui';

type Props = { prompt: Api['PromptView']; text: string; onChange: (text: string) => void };

/** A question, its answer, and where that stands in its range. */
export function PromptCard({ prompt, text, onChange }: Props) {
  const id = useId();
  const words = countWords(text);
  return (
    <Card className="mb-3">
      <label htmlFor={id} className="font-head text-[16px] font-bold">
        {prompt.question}
      </label>
      <textarea
        id={id}
        value={text}
        rows={Math.max(2, Math.ceil(text.length / 95) + 1)}
        aria-describedby={`${id}-count`}
        placeholder="Write here"
        className="mt-1.5 block field-sizing-content w-full resize-y bg-card text-[15px] leading-normal placeholder:text-soft"
        onChange={(event) => onChange(event.target.value)}
      />
      <WordGauge id={`${id}-count`} words={words} least={prompt.least} most={prompt.most} />
    </Card>
  );
}

/** Where the count stands: the range as a band, the count as a notch above it. */
function WordGauge({ id, words, least, most }: { id: string; words: number; least: number; most: number }) {
  const end = most * 1.15;
  const isIn = words >= least && words <= most;
  return (
    <div className="mt-2 flex items-center gap-3 text-[13px] text-soft">
      <svg viewBox="0 0 180 12" className="h-3 w-[180px] overflow-visible" aria-hidden="true">
        <rect y="7" width="180" height="4" rx="2" fill="var(--desk)" />
        <rect
          x={(180 * least) / end}
          y="7"
          width={(180 * (most - least)) / end}
          height="4"
          fill={isIn ? 'var(--moss)' : 'var(--line)'}
        />
        <path
          d="M-5 0h10L0 6z"
          transform={`translate(${Math.min(180, (180 * words) / end)} 0)`}
          fill={isIn ? 'var(--moss)' : 'var(--brass)'}
        />
      </svg>
      <span id={id} aria-live="polite">
        {wordsPlace(words, least, most)}
      </span>
    </div>
  );
}
