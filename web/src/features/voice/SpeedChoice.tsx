import { RATES } from './Player';
import { usePlayer } from './usePlayer';

/** How fast what plays is heard; the pitch of a voice stays. */
export function SpeedChoice() {
  const { player, state } = usePlayer();
  return (
    <label className="flex items-center gap-1.5 px-2">
      Speed
      <select
        className="min-h-[26px] rounded border border-line bg-card px-1"
        value={state.rate}
        onChange={(event) => player.setRate(Number(event.target.value))}
      >
        {RATES.map((rate) => (
          <option key={rate}>{rate}</option>
        ))}
      </select>
    </label>
  );
}
