import { v7 as newId } from 'uuid';
import { Button } from '../../ui';
import type { Written } from './criteria';

const BOX = 'w-full rounded-md border border-line bg-card px-2.5 py-1.5 font-normal';

/** By what set work will be judged: for each criterion a name and its levels, the lowest first. */
export function CriteriaFields({
  written,
  onChange,
}: {
  written: readonly Written[];
  onChange: (written: readonly Written[]) => void;
}) {
  const change = (key: string, part: Partial<Written>) =>
    onChange(written.map((one) => (one.key === key ? { ...one, ...part } : one)));
  return (
    <fieldset className="mb-3">
      <legend className="mb-1 font-semibold">Criteria</legend>
      {written.map(({ key, name, levels }, at) => (
        <div key={key} className="mb-2 grid gap-1">
          <input
            aria-label={`Name of criterion ${at + 1}`}
            placeholder="What is judged: Measures with care"
            maxLength={120}
            value={name}
            className={BOX}
            onChange={(event) => change(key, { name: event.target.value })}
          />
          <textarea
            aria-label={`Levels of criterion ${at + 1}`}
            placeholder={'timed once 0\ntimed often 2\nand says how sure 4'}
            rows={3}
            value={levels}
            className={BOX}
            onChange={(event) => change(key, { levels: event.target.value })}
          />
        </div>
      ))}
      <Button
        look="quiet"
        className="-ml-1.5"
        onClick={() => onChange([...written, { key: newId(), name: '', levels: '' }])}
      >
        Add a criterion
      </Button>
      {written.length > 0 && (
        <p className="text-[13px] text-soft">
          A line for each level, the lowest first, with its points at the end.
        </p>
      )}
    </fieldset>
  );
}
