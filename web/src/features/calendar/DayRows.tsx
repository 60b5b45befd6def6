import { Button } from '../../ui';
import { later, type Stretch } from './yearForm';

type Props = {
  label: string;
  /** What one row is called, such as "break". */
  noun: string;
  rows: Stretch[];
  from: string;
  onChange: (rows: Stretch[]) => void;
};

const BOX = 'min-h-9 w-full rounded-md border border-line bg-card px-2';

/** Stretches of days with names, one in a row. */
export function DayRows({ label, noun, rows, from, onChange }: Props) {
  const set = (at: number, change: Partial<Stretch>) =>
    onChange(rows.map((one, i) => (i === at ? { ...one, ...change } : one)));
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{label}</legend>
      <ul>
        {rows.map((one, at) => (
          <li
            key={at}
            className="mb-1.5 grid grid-cols-[1fr_1fr_auto] gap-2 sm:grid-cols-[1fr_10rem_10rem_auto]"
          >
            <input
              className={`${BOX} col-span-3 sm:col-span-1`}
              aria-label={`Name of ${noun} ${at + 1}`}
              value={one.name}
              maxLength={60}
              onChange={(event) => set(at, { name: event.target.value })}
            />
            <input
              type="date"
              className={BOX}
              aria-label={`First day of ${noun} ${at + 1}`}
              value={one.first}
              onChange={(event) =>
                set(at, {
                  first: event.target.value,
                  last: later(one.last, event.target.value),
                })
              }
            />
            <input
              type="date"
              className={BOX}
              aria-label={`Last day of ${noun} ${at + 1}`}
              value={one.last}
              min={one.first}
              onChange={(event) => set(at, { last: event.target.value })}
            />
            <Button
              look="quiet"
              aria-label={`Take out ${one.name || `${noun} ${at + 1}`}`}
              onClick={() => onChange(rows.filter((_, i) => i !== at))}
            >
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <Button
        look="quiet"
        onClick={() => {
          const first = rows.at(-1)?.last ?? from;
          onChange([...rows, { name: '', first, last: first }]);
        }}
      >
        Add a {noun}
      </Button>
    </fieldset>
  );
}
