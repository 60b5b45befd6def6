import { Button } from '../../ui';
import { type Break, later } from './yearForm';

type Props = { breaks: Break[]; from: string; onChange: (breaks: Break[]) => void };

const BOX = 'min-h-9 w-full rounded-md border border-line bg-card px-2';

/** Breaks and closed days, one in a row. */
export function BreakRows({ breaks, from, onChange }: Props) {
  const set = (at: number, change: Partial<Break>) =>
    onChange(breaks.map((one, i) => (i === at ? { ...one, ...change } : one)));
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">Breaks and closed days</legend>
      <ul>
        {breaks.map((one, at) => (
          <li
            key={at}
            className="mb-1.5 grid grid-cols-[1fr_1fr_auto] gap-2 sm:grid-cols-[1fr_10rem_10rem_auto]"
          >
            <input
              className={`${BOX} col-span-3 sm:col-span-1`}
              aria-label={`Name of break ${at + 1}`}
              value={one.name}
              maxLength={60}
              onChange={(event) => set(at, { name: event.target.value })}
            />
            <input
              type="date"
              className={BOX}
              aria-label={`First day of break ${at + 1}`}
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
              aria-label={`Last day of break ${at + 1}`}
              value={one.last}
              min={one.first}
              onChange={(event) => set(at, { last: event.target.value })}
            />
            <Button
              look="quiet"
              aria-label={`Take out ${one.name || `break ${at + 1}`}`}
              onClick={() => onChange(breaks.filter((_, i) => i !== at))}
            >
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <Button
        look="quiet"
        onClick={() => {
          const first = breaks.at(-1)?.last ?? from;
          onChange([...breaks, { name: '', first, last: first }]);
        }}
      >
        Add a break
      </Button>
    </fieldset>
  );
}
