import { useState } from 'react';
import { Button, length, plural } from '../../ui';
import { LineFields } from './LineFields';
import { saidAt } from './spokenLines';
import { TapAlong } from './TapAlong';
import type { SpokenLine } from './take';

type Props = {
  /** Of its entry. */
  id: string;
  lines: readonly SpokenLine[];
  /** The moment that is heard now, in ms. */
  now: number;
  /** Of the sound, in ms. */
  length: number;
  /** Whether the server has it, so that its lines can be saved. */
  isKept: boolean;
  /** Whether what is said now is shown elsewhere, or nothing is heard. */
  isShown?: boolean;
  onGo: (moment: number) => void;
  onLines?: (lines: SpokenLine[]) => void;
};

/** What is said, as it is said, for those who can't hear it; and all of it, to be read, changed and taken elsewhere. */
export function SpokenWords(props: Props) {
  const { lines, now, isShown, onLines } = props;
  const [isOpen, setOpen] = useState(false);
  const said = saidAt(lines, now);
  if (lines.length === 0 && !onLines) return null;
  return (
    <div className="mt-1.5">
      {lines.length > 0 && !isShown && (
        <p className="min-h-[1.45em] text-center font-semibold">{said.map((line) => line.words).join(' ')}</p>
      )}
      <Button look="quiet" className="text-[13.5px]" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {lines.length > 0 ? `What is said, ${plural(lines.length, 'line')}` : 'Write what is said'}
      </Button>
      {isOpen && <AllLines {...props} said={said} />}
    </div>
  );
}

function AllLines({
  id,
  lines,
  now,
  length: whole,
  isKept,
  said,
  onGo,
  onLines,
}: Props & { said: SpokenLine[] }) {
  return (
    <div className="mt-1 text-[14px]">
      <ol className="relative max-h-64 overflow-y-auto">
        {lines.map((line, place) => (
          <li
            key={`${line.from} ${place}`}
            className={`flex items-center gap-2 rounded ${said.includes(line) ? 'bg-marker/50' : ''}`}
          >
            <button
              type="button"
              className="min-h-[26px] min-w-12 rounded px-1 text-left font-semibold text-petrol tabular-nums hover:underline"
              aria-label={`Play from ${length(line.from / 1000)}`}
              onClick={() => onGo(line.from)}
            >
              {length(line.from / 1000)}
            </button>
            {onLines ? (
              <LineFields line={line} lines={lines} now={now} onLines={onLines} />
            ) : (
              <span className="whitespace-pre-line">{line.words}</span>
            )}
          </li>
        ))}
      </ol>
      {onLines && <TapAlong lines={lines} now={now} length={whole} onLines={onLines} />}
      {isKept && lines.length > 0 && (
        <a
          href={`/api/entries/${id}/lines.vtt`}
          className="inline-flex min-h-[26px] items-center px-2 text-[13.5px] font-semibold text-petrol hover:underline"
        >
          Save as captions (WebVTT)
        </a>
      )}
    </div>
  );
}
