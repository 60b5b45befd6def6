export const SCALE = [
  [1, 'not at all'],
  [2, 'a little'],
  [3, 'fairly'],
  [4, 'sure'],
] as const;

type Props = { name: string; value: number | undefined; onChange: (value: number) => void };

/** How sure one is, as four cut notches. */
export function SurenessScale({ name, value, onChange }: Props) {
  return (
    <div className="flex items-center gap-1">
      {SCALE.map(([step, words]) => (
        <label
          key={step}
          title={words}
          className="cursor-pointer rounded focus-within:outline-2 focus-within:outline-petrol"
        >
          <input
            type="radio"
            name={name}
            className="sr-only"
            aria-label={`${step} of 4, ${words}`}
            checked={value === step}
            onChange={() => onChange(step)}
          />
          <svg viewBox="0 0 24 16" className="h-4 w-6" aria-hidden="true">
            <path
              d="M2 1h20l-5 13H7z"
              fill={value !== undefined && step <= value ? 'var(--petrol)' : 'none'}
              stroke="var(--petrol)"
              strokeWidth="1.3"
            />
          </svg>
        </label>
      ))}
    </div>
  );
}
