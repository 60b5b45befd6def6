import { useId } from 'react';
import type { Api } from '../../api';
import { SCALE, SurenessScale } from './SurenessScale';

/** A topic that can be chosen. */
export type Topic = { id: string; code: string; title: string };

type Props = {
  /** From 1. */
  number: number;
  prompt: Api['Prompt'];
  given: string;
  topics: Topic[];
  onChange: (given: string) => void;
};

const BOX = 'min-h-9 rounded-md border border-line bg-card px-2.5 text-ink';

/** What a question asks for beside words: a topic of the week, a number, or how sure one is. */
export function GivenField({ number, prompt, given, topics, onChange }: Props) {
  const id = useId();
  if (prompt.asks === 'TOPIC')
    return (
      <select
        aria-label={`Topic for question ${number}`}
        value={given}
        className={`${BOX} mt-1.5`}
        onChange={(event) => onChange(event.target.value)}
      >
        <option value="">Choose a topic</option>
        {topics.map((topic) => (
          <option key={topic.id} value={topic.id}>
            {topic.code} {topic.title}
          </option>
        ))}
      </select>
    );
  if (prompt.asks === 'NUMBER')
    return (
      <input
        id={id}
        inputMode="decimal"
        aria-label={`Number for question ${number}`}
        placeholder="A number"
        value={given}
        className={`${BOX} mt-1.5 w-36`}
        onChange={(event) =>
          /^-?\d{0,12}([.,]\d{0,6})?$/.test(event.target.value) && onChange(event.target.value)
        }
      />
    );
  if (prompt.asks !== 'RATING') return null;
  const step = Number(given);
  return (
    <div className="mt-1.5 flex items-center gap-3">
      <SurenessScale name={id} value={step || undefined} onChange={(value) => onChange(`${value}`)} />
      <span className="text-[13.5px] text-soft">
        {SCALE.find(([value]) => value === step)?.[1] ?? 'How sure, 1 to 4'}
      </span>
    </div>
  );
}
