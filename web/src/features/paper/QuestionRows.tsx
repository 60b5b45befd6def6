import type { Api } from '../../api';
import { Button } from '../../ui';

export type Part = { question: string; topic: string; marks: string; outOf: string };

type Props = { parts: Part[]; topics: Api['NodeView'][]; onChange: (parts: Part[]) => void };

const BOX = 'min-h-8 w-full rounded-md border border-line bg-card px-1.5';

/** Marks by question, each with its topic; a row without a question is a topic's marks at once. */
export function QuestionRows({ parts, topics, onChange }: Props) {
  const set = (at: number, change: Partial<Part>) =>
    onChange(parts.map((part, i) => (i === at ? { ...part, ...change } : part)));
  const box = (at: number, field: keyof Part, label: string) => (
    <input
      className={BOX}
      aria-label={`${label}, row ${at + 1}`}
      inputMode={field === 'question' ? undefined : 'decimal'}
      maxLength={20}
      placeholder={field === 'question' ? 'all' : undefined}
      value={parts[at]?.[field]}
      onChange={(event) => set(at, { [field]: event.target.value })}
    />
  );
  const last = parts.at(-1)?.topic ?? topics[0]?.id ?? '';
  return (
    <fieldset className="mb-3">
      <legend className="mb-1 font-semibold">Marks by question or topic</legend>
      <table className="w-full border-collapse text-[14px]">
        {parts.length > 0 && (
          <thead className="text-left text-[12.5px] text-soft">
            <tr>
              <th className="w-[68px] font-normal">Question</th>
              <th className="font-normal">Topic</th>
              <th className="w-[58px] font-normal">Marks</th>
              <th className="w-[58px] font-normal">Out of</th>
              <th className="w-8" />
            </tr>
          </thead>
        )}
        <tbody>
          {parts.map((part, at) => (
            <tr key={at}>
              <td className="py-0.5 pr-1">{box(at, 'question', 'Question')}</td>
              <td className="py-0.5 pr-1">
                <select
                  className={BOX}
                  aria-label={`Topic, row ${at + 1}`}
                  value={part.topic}
                  onChange={(event) => set(at, { topic: event.target.value })}
                >
                  {topics.map((topic) => (
                    <option key={topic.id} value={topic.id}>
                      {topic.code} {topic.title}
                    </option>
                  ))}
                </select>
              </td>
              <td className="py-0.5 pr-1">{box(at, 'marks', 'Marks')}</td>
              <td className="py-0.5 pr-1">{box(at, 'outOf', 'Out of')}</td>
              <td>
                <button
                  type="button"
                  className="size-7 rounded text-soft hover:text-rust"
                  aria-label={`Take out row ${at + 1}`}
                  onClick={() => onChange(parts.filter((_, i) => i !== at))}
                >
                  ×
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Button
        look="quiet"
        onClick={() => onChange([...parts, { question: '', topic: last, marks: '', outOf: '' }])}
      >
        Add a row
      </Button>
    </fieldset>
  );
}
