import { length } from '../../ui';
import { type Moment, type Take, withMoment, withoutMoment } from './take';

type Props = { take: Take; onGo: (moment: Moment) => void; onTake?: (take: Take) => void };

/** The marked moments of a recording, each leading to its place in the sound. */
export function MomentList({ take, onGo, onTake }: Props) {
  if (take.moments.length === 0) return null;
  return (
    <ol className="mt-1.5 text-[13.5px]">
      {take.moments.map((moment) => (
        <li key={moment.id} className="flex items-center gap-2">
          <button
            type="button"
            className="min-h-[26px] min-w-12 rounded px-1 text-left font-semibold text-petrol tabular-nums hover:underline"
            aria-label={`Play from ${length(moment.at / 1000)} ${moment.name}`}
            onClick={() => onGo(moment)}
          >
            {length(moment.at / 1000)}
          </button>
          {onTake ? (
            <>
              <input
                aria-label={`Name of the moment at ${length(moment.at / 1000)}`}
                placeholder="What is said here"
                value={moment.name}
                maxLength={120}
                className="min-h-[26px] min-w-0 flex-1 border-b border-line bg-transparent"
                onChange={(event) => onTake(withMoment(take, { ...moment, name: event.target.value }))}
              />
              <button
                type="button"
                className="min-h-[26px] px-1.5 text-soft hover:text-rust"
                aria-label={`Take out the moment at ${length(moment.at / 1000)}`}
                onClick={() => onTake(withoutMoment(take, moment.id))}
              >
                Take out
              </button>
            </>
          ) : (
            <span>{moment.name}</span>
          )}
        </li>
      ))}
    </ol>
  );
}
