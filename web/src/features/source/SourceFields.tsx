import { useQuery } from '@tanstack/react-query';
import type { Api } from '../../api';
import { Radios, useParts } from '../../ui';
import { questionsQuery } from './queries';
import { authorsIn, KIND_NAMES, saidOf, TRUST_NAMES } from './sourceWords';

type Source = Api['Source'];
type Props = {
  source: Source;
  /** The same with what was found by itself, which stands where nothing is typed. */
  found: Source;
  onTell: (source: Source) => void;
};

const BOX = 'mt-1 w-full rounded-md border border-line bg-card px-2.5 py-1.5 font-normal min-h-9';

/** Where a thing comes from that the student did not make, and how far it can be trusted. */
export function SourceFields({ source, found, onTell }: Props) {
  const questions = useQuery(questionsQuery).data ?? [];
  const tell = useParts(source, onTell);
  const answer = (at: number, words: string) =>
    tell(({ reasons }) => ({ reasons: questions.map((_, i) => (i === at ? words : (reasons[i] ?? ''))) }));
  return (
    <details
      className="mb-3 rounded-md border border-line px-3 py-2"
      open={saidOf(source) !== '' || !!source.trust}
    >
      <summary className="min-h-7 cursor-pointer font-semibold">
        Where it comes from{' '}
        <span className="font-normal text-soft">{saidOf(found) || 'nobody has said yet'}</span>
      </summary>
      <div className="mt-2 grid gap-x-4 gap-y-2 sm:grid-cols-2">
        <label className="font-semibold">
          What it is
          <select
            value={source.kind}
            className={BOX}
            onChange={({ target: { value } }) => tell({ kind: value as Source['kind'] })}
          >
            {Object.entries(KIND_NAMES).map(([kind, words]) => (
              <option key={kind} value={kind}>
                {words}
              </option>
            ))}
          </select>
        </label>
        <Line
          label="Who made it"
          hint="Family name, first name; more after a semicolon"
          value={source.authors.join('; ')}
          found={found.authors.join('; ')}
          onType={(typed) => tell({ authors: authorsIn(typed) })}
        />
        <Line
          label="When it came out"
          hint="2024, 3.2024 or 5.3.2024"
          value={source.published}
          found={found.published}
          onType={(published) => tell({ published })}
        />
        <Line
          label="Where it stands"
          hint="Site, journal or publisher"
          value={source.where}
          found={found.where}
          onType={(where) => tell({ where })}
        />
        <Line
          label="What it was made for"
          hint="To inform, to sell, to persuade…"
          value={source.purpose}
          found=""
          onType={(purpose) => tell({ purpose })}
        />
        <label className="font-semibold">
          Looked at on
          <input
            key={source.lookedAt ?? found.lookedAt}
            type="date"
            defaultValue={source.lookedAt ?? found.lookedAt}
            className={BOX}
            onBlur={({ target: { value } }) =>
              value !== (source.lookedAt ?? found.lookedAt ?? '') && tell({ lookedAt: value || undefined })
            }
          />
        </label>
      </div>
      <p className="mt-2 font-semibold" aria-hidden="true">
        How far I trust it
      </p>
      <Radios
        label="How far I trust it"
        value={source.trust ?? 'UNSAID'}
        values={{ UNSAID: 'not said yet', ...TRUST_NAMES }}
        onChoose={(trust) => tell({ trust: trust === 'UNSAID' ? undefined : trust })}
      />
      {questions.map((question, at) => (
        <label key={question} className="mt-2 block font-semibold">
          {question}
          <textarea
            key={source.reasons[at] ?? ''}
            defaultValue={source.reasons[at] ?? ''}
            rows={1}
            maxLength={1000}
            className={`${BOX} block field-sizing-content`}
            onBlur={({ target: { value } }) => value !== (source.reasons[at] ?? '') && answer(at, value)}
          />
        </label>
      ))}
    </details>
  );
}

type LineProps = {
  label: string;
  hint: string;
  value: string;
  found: string;
  onType: (typed: string) => void;
};

function Line({ label, hint, value, found, onType }: LineProps) {
  return (
    <label className="font-semibold">
      {label}
      <input
        key={value}
        defaultValue={value}
        placeholder={found || hint}
        maxLength={1000}
        className={BOX}
        onBlur={({ target }) => target.value !== value && onType(target.value)}
      />
    </label>
  );
}
