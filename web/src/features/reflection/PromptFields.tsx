import type { Api } from '../../api';
import { OrderButtons, WordRange } from '../../ui';

type Prompt = Api['Prompt'];

const ASKS: Record<Prompt['asks'], string> = {
  WORDS: 'nothing else',
  PIECE: 'a piece of work',
  TOPIC: 'a topic of the week',
  NUMBER: 'a number',
  RATING: 'how sure, 1 to 4',
};

const LINE = 'min-h-8 min-w-0 rounded-md border border-line bg-card px-2';

type Props = {
  /** From 1. */
  number: number;
  prompt: Prompt;
  isLast: boolean;
  onChange: (prompt: Prompt) => void;
  onMove: (by: -1 | 1) => void;
  onRemove?: () => void;
};

/** A question of a set: its words, its range, what else it asks for, and ways to begin an answer. */
export function PromptFields({ number, prompt, isLast, onChange, onMove, onRemove }: Props) {
  const name = `question ${number}`;
  return (
    <li className="border-b border-line py-3 first:pt-0">
      <div className="flex flex-wrap gap-2">
        <input
          aria-label={`Question ${number}`}
          placeholder="What do you ask?"
          value={prompt.question}
          maxLength={300}
          required
          className={`${LINE} flex-1 basis-72 font-semibold`}
          onChange={(event) => onChange({ ...prompt, question: event.target.value })}
        />
        <OrderButtons {...{ name, isLast, onMove, onRemove }} isFirst={number === 1} />
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-2 text-[13.5px]">
        <WordRange
          of={`for ${name}`}
          range={prompt.range}
          onChange={(range) => onChange({ ...prompt, range })}
        />
        <label className="flex items-center gap-1.5">
          and
          <select
            aria-label={`What else ${name} asks for`}
            value={prompt.asks}
            className={LINE}
            onChange={(event) => onChange({ ...prompt, asks: event.target.value as Prompt['asks'] })}
          >
            {Object.entries(ASKS).map(([asks, words]) => (
              <option key={asks} value={asks}>
                {words}
              </option>
            ))}
          </select>
        </label>
      </div>
      <label className="mt-2 block text-[13.5px]">
        Ways to begin an answer, one on each line
        <textarea
          value={prompt.openings.join('\n')}
          rows={Math.max(2, prompt.openings.length)}
          className={`${LINE} mt-1 block w-full max-w-xl py-1`}
          onChange={(event) => onChange({ ...prompt, openings: event.target.value.split('\n') })}
        />
      </label>
    </li>
  );
}
