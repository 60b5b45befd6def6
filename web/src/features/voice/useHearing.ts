import { useMemo } from 'react';
import { playFrom } from '../../core/voice';
import type { Playable } from './Player';
import { usePlayerItself } from './usePlayer';
import { useRecorderItself } from './useRecorder';

type Moment = { recording: string; at: number };

/** What a text on a page has to know of its recordings: the one that runs, the one that plays, and how to hear a moment. */
export function useHearing(recordings: readonly Playable[]) {
  const recorder = useRecorderItself();
  const player = usePlayerItself();
  return useMemo(
    () => ({
      now: recorder.now,
      recordings: recordings.map((one) => one.id),
      playing: (): Moment | undefined => {
        const { playing, at, isPlaying } = player.snapshot();
        return playing && isPlaying ? { recording: playing.id, at: at * 1000 } : undefined;
      },
      subscribe: player.subscribe,
      onHear: ({ recording, at }: Moment) => {
        const sound = recordings.find((one) => one.id === recording);
        if (sound) player.play(sound, playFrom(at) / 1000);
      },
    }),
    [recorder, player, recordings],
  );
}
