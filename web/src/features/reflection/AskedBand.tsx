import { useId } from 'react';
import type { Api } from '../../api';
import type { Resolve } from './mergeSheets';

const OUTCOMES = { DONE: 'Done', PARTLY: 'In part', NOT: 'Not done' } as const;
type Outcome = keyof typeof OUTCOMES;

type Props = {
  asked: Api['MeantView'];
  /** The week of the sheet that asks. */
  week: number;
  resolve: Resolve;
  onChange: (part: Partial<Resolve>) => void;
};

/** What was meant on the last sheet, and what became of it. */
export function AskedBand({ asked, week, resolve, onChange }: Props) {
  const id = useId();
  return (
    <section className="mb-3 rounded-md border-l-4 border-brass bg-card px-4 py-3">
      <fieldset className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <legend className="float-left mr-auto max-w-[60ch]">
          {whenMeant(asked.week, week)} you meant to: <b>{asked.words}</b>
        </legend>
        <div className="flex gap-2">
          {(Object.entries(OUTCOMES) as [Outcome, string][]).map(([outcome, words]) => (
            <label
              key={outcome}
              className={`cursor-pointer rounded-md border px-3 py-1 font-semibold focus-within:outline-2 focus-within:outline-offset-2 focus-within:outline-petrol ${
                resolve.outcome === outcome
                  ? 'border-petrol bg-petrol text-on-petrol'
                  : 'border-line bg-card text-ink'
              }`}
            >
              <input
                type="radio"
                name={id}
                className="sr-only"
                checked={resolve.outcome === outcome}
                onChange={() => onChange({ outcome })}
              />
              {words}
            </label>
          ))}
        </div>
      </fieldset>
      {resolve.outcome && (
        <input
          value={resolve.about}
          maxLength={1000}
          aria-label="What became of it"
          placeholder="What became of it, if you want to say more"
          className="mt-2 min-h-9 w-full rounded-md border border-line bg-card px-2.5 text-ink placeholder:text-soft"
          onChange={(event) => onChange({ about: event.target.value })}
        />
      )}
    </section>
  );
}

/** Weeks without a number lie in another year, or in a break. */
const whenMeant = (meant: number | undefined, week: number) => {
  if (meant === undefined) return 'On your last sheet';
  return meant === week - 1 ? 'Last week' : `In week ${meant}`;
};
