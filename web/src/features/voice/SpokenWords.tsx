import { useState } from 'react';
import { readFileLines } from '../../api';
import { Button, length, plural, Trouble } from '../../ui';
import { begunAt, linesOf, saidAt, tapped } from './spokenLines';
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

type FieldsProps = {
  line: SpokenLine;
  lines: readonly SpokenLine[];
  now: number;
  onLines: (lines: SpokenLine[]) => void;
};

function LineFields({ line, lines, now, onLines }: FieldsProps) {
  const at = length(line.from / 1000);
  return (
    <>
      <input
        aria-label={`What is said at ${at}`}
        value={line.words}
        maxLength={1000}
        className="min-h-[26px] min-w-0 flex-1 border-b border-line bg-transparent"
        // A line without words is none; it is taken out by its button.
        onChange={({ target }) =>
          target.value.trim() &&
          onLines(lines.map((one) => (one === line ? { ...line, words: target.value } : one)))
        }
      />
      <button
        type="button"
        className="min-h-[26px] px-1.5 text-soft hover:text-petrol"
        aria-label={`Let the line at ${at} begin now`}
        onClick={() => onLines(begunAt(lines, line, Math.round(now)))}
      >
        Begins now
      </button>
      <button
        type="button"
        className="min-h-[26px] px-1.5 text-soft hover:text-rust"
        aria-label={`Take out the line at ${at}`}
        onClick={() => onLines(lines.filter((one) => one !== line))}
      >
        Take out
      </button>
    </>
  );
}

type TapProps = {
  lines: readonly SpokenLine[];
  now: number;
  length: number;
  onLines: (lines: SpokenLine[]) => void;
};

/** Lines are written first and get their times by a tap each, while the sound plays. */
function TapAlong({ lines, now, length: whole, onLines }: TapProps) {
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState('');
  const [next, ...rest] = linesOf(text);
  const tap = () => {
    if (!next) return;
    onLines(tapped(lines, next, Math.round(now), Math.round(whole)));
    setText(rest.join('\n'));
  };
  const bringIn = async (files: FileList | null) => {
    const file = files?.[0];
    if (!file) return;
    try {
      onLines(await readFileLines(file));
      setTrouble('');
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  return (
    <div className="mt-1.5">
      <label className="block text-[13.5px] text-soft">
        Write what is said, a line each. Then play, and press as each line begins.
        <textarea
          className="mt-0.5 block w-full rounded-md border border-line bg-card px-2 py-1 text-[15px] text-ink"
          rows={Math.min(5, Math.max(2, rest.length + 1))}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <div className="mt-1 flex flex-wrap items-center gap-x-1">
        <Button onClick={tap} disabled={!next}>
          {next ? `Now: “${next.slice(0, 30)}”` : 'Now'}
        </Button>
        <label className="cursor-pointer rounded px-2 py-1 text-[13.5px] font-semibold text-petrol focus-within:outline-2 hover:underline">
          Take in captions (WebVTT)
          <input
            type="file"
            accept=".vtt,text/vtt"
            className="sr-only"
            onChange={(event) => bringIn(event.target.files)}
          />
        </label>
      </div>
      <Trouble>{trouble}</Trouble>
    </div>
  );
}
