import { createContext, useContext, useMemo } from 'react';
import { momentOf, playFrom } from '../../core/voice';
import type { Playable } from './Player';
import { takeOf } from './take';
import { usePlayerItself } from './usePlayer';
import { useRecorderItself } from './useRecorder';

/** A moment of a recording, in ms of its sound; the recording by its entry. */
export type SaidMoment = { recording: string; at: number };

/** A recording of a page: how it is played, and what its entry holds. */
export type Sound = { playable: Playable; content: unknown };

/** What the notes of a page have to know of its recordings. */
export type Hearing = {
  /** The moment that is recorded now. */
  now: () => SaidMoment | undefined;
  /** The recordings that can be heard, by their entries. */
  recordings: readonly string[];
  /** The moment of what was made at a time, in ms since 1970. */
  momentOf: (madeAt: number | undefined) => SaidMoment | undefined;
  /** The moment that plays now. */
  playing: () => SaidMoment | undefined;
  subscribe: (listener: () => void) => () => void;
  /** Plays from just before a moment. */
  onHear: (moment: SaidMoment) => void;
};

const Context = createContext<Hearing | undefined>(undefined);

/** What is inside can be heard as its page knows it. */
export const HearingProvider = Context.Provider;

/** How the notes of this page are heard; nothing where no page is, or none that can be listened to. */
export const usePageHearing = () => useContext(Context);

/** How the notes of a page are heard: by the recording that runs, the one that plays, and all that can be played. */
export function useHearing(sounds: readonly Sound[]): Hearing {
  const recorder = useRecorderItself();
  const player = usePlayerItself();
  return useMemo(() => {
    const stretches = sounds.map(({ playable, content }) => ({
      recording: playable.id,
      flat: takeOf(content).stretches.flatMap((one) => [one.startedAt, one.length]),
    }));
    return {
      now: recorder.now,
      recordings: sounds.map((one) => one.playable.id),
      momentOf: (madeAt) => {
        if (madeAt === undefined) return undefined;
        for (const { recording, flat } of stretches) {
          const at = momentOf(flat, madeAt);
          if (at >= 0) return { recording, at };
        }
        return undefined;
      },
      playing: () => {
        const { playing, at, isPlaying } = player.snapshot();
        return playing && isPlaying ? { recording: playing.id, at: at * 1000 } : undefined;
      },
      subscribe: player.subscribe,
      onHear: ({ recording, at }) => {
        const sound = sounds.find((one) => one.playable.id === recording)?.playable;
        if (sound) player.play(sound, playFrom(at) / 1000);
      },
    };
  }, [recorder, player, sounds]);
}
