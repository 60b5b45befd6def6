import { length } from '../../ui';
import type { SaidMoment } from './useHearing';

type Props = { moment: SaidMoment; onHear: (moment: SaidMoment) => void };

/** Plays a recording from just before something was made. */
export function SaidAt({ moment, onHear }: Props) {
  return (
    <button
      type="button"
      className="block min-h-[26px] rounded text-[13px] text-petrol hover:underline"
      onClick={() => onHear(moment)}
    >
      Hear from {length(moment.at / 1000)}
    </button>
  );
}
