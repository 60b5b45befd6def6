import { useEffect, useId, useState } from 'react';

/** A choice of a few, all of them in sight. */
export function Radios<Value extends string>({
  label,
  values,
  value,
  onChoose,
  isLabelled = false,
}: {
  label: string;
  values: Record<Value, string>;
  value: Value;
  onChoose: (value: Value) => void;
  /** Whether the label is shown, and not only read out. */
  isLabelled?: boolean;
}) {
  const name = useId();
  // What is chosen is there from the press on, before whoever keeps it has it.
  const [chosen, setChosen] = useState(value);
  useEffect(() => setChosen(value), [value]);
  return (
    <fieldset className="flex flex-wrap items-center gap-x-3">
      <legend className={isLabelled ? 'float-left mr-2 w-16 font-semibold' : 'sr-only'}>{label}</legend>
      {(Object.entries(values) as [Value, string][]).map(([one, words]) => (
        <label key={one} className="flex min-h-8 items-center gap-1.5">
          <input
            type="radio"
            name={name}
            className="h-4 w-4 accent-petrol"
            checked={one === chosen}
            onChange={() => {
              setChosen(one);
              onChoose(one);
            }}
          />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
