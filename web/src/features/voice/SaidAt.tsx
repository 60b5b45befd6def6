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
      className="min-h-[26px] rounded px-1 font-semibold text-petrol hover:underline"
      onClick={() => player.play(sound, playFrom(timing.at) / 1000)}
    >
      Hear what was said at {length(timing.at / 1000)}
    </button>
  );
}
