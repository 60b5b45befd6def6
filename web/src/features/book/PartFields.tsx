import { OrderButtons, WordRange } from '../../ui';
import type { BookPart } from './queries';

const KINDS: Record<BookPart['kind'], string> = {
  SUBJECT: 'Pieces of each notebook',
  FIGURES: 'Figures of each notebook',
  WORDS: 'Words',
};

const LINE = 'min-h-8 min-w-0 rounded-md border border-line bg-card px-2';

type Props = {
  /** From 1. */
  number: number;
  part: BookPart;
  isLast: boolean;
  onChange: (part: BookPart) => void;
  onMove: (by: -1 | 1) => void;
  onRemove?: () => void;
};

/** A part of a pattern: what kind of page it becomes, its heading, and what that page asks. */
export function PartFields({ number, part, isLast, onChange, onMove, onRemove }: Props) {
  const name = `part ${number}`;
  return (
    <li className="border-b border-line py-3 first:pt-0">
      <div className="flex flex-wrap gap-2">
        <input
          aria-label={`Heading of ${name}`}
          placeholder="What is it called?"
          value={part.heading}
          maxLength={120}
          required
          className={`${LINE} flex-1 basis-60 font-semibold`}
          onChange={(event) => onChange({ ...part, heading: event.target.value })}
        />
        <select
          aria-label={`What ${name} holds`}
          value={part.kind}
          className={LINE}
          onChange={(event) => onChange({ ...part, kind: event.target.value as BookPart['kind'] })}
        >
          {Object.entries(KINDS).map(([kind, words]) => (
            <option key={kind} value={kind}>
              {words}
            </option>
          ))}
        </select>
        <OrderButtons {...{ name, isLast, onMove, onRemove }} isFirst={number === 1} />
      </div>
      {part.kind !== 'FIGURES' && (
        <div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-2 text-[13.5px]">
          <textarea
            aria-label={`What ${name} asks`}
            placeholder="What does it ask?"
            value={part.question}
            rows={1}
            maxLength={300}
            className={`${LINE} field-sizing-content flex-1 basis-72 resize-none py-1 text-[14px]`}
            onChange={(event) => onChange({ ...part, question: event.target.value })}
          />
          <WordRange
            of={`for ${name}`}
            range={part.words}
            onChange={(words) => onChange({ ...part, words })}
          />
        </div>
      )}
    </li>
  );
}
