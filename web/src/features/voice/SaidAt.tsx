import { playFrom } from '../../core/voice';
import { length } from '../../ui';
import type { Playable } from './Player';
import type { Timing } from './timings';
import { usePlayer } from './usePlayer';

/** Plays a recording from just before something was made. */
export function SaidAt({ timing, sound }: { timing: Timing; sound: Playable }) {
  const { player } = usePlayer();
  return (
    <button
      type="button"
      className="block min-h-[26px] rounded text-[13px] text-petrol hover:underline"
      onClick={() => player.play(sound, playFrom(timing.at) / 1000)}
    >
      Hear from {length(timing.at / 1000)}
    </button>
  );
}
