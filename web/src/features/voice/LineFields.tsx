import { length } from '../../ui';
import { begunAt } from './spokenLines';
import type { SpokenLine } from './take';

type Props = {
  line: SpokenLine;
  lines: readonly SpokenLine[];
  now: number;
  onLines: (lines: SpokenLine[]) => void;
};

/** What can be changed of a spoken line: its words, when it begins, whether it is there. */
export function LineFields({ line, lines, now, onLines }: Props) {
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
