import { nearest } from '../../core/voice';
import type { Trim } from './take';

/** A sound that can be played, and where it stands. Silences in ms. */
export type Playable = {
  /** Of its entry. */
  id: string;
  url: string;
  name: string;
  seconds: number;
  silences: readonly { from: number; to: number }[];
  /** What is left of it, in ms. */
  trim?: Trim;
  address?: string;
};

export type PlayerState = {
  playing?: Playable;
  /** In seconds. */
  at: number;
  isPlaying: boolean;
  rate: number;
  skipsSilence: boolean;
  /** What is played again and again, in seconds; without its end it is still being chosen. */
  loop?: { from: number; to?: number };
  trouble?: string;
};

/** Where playing ends, in seconds. */
const endOf = ({ seconds, trim }: Playable) => (trim ? trim.to / 1000 : seconds);

export const RATES = [0.7, 0.85, 1, 1.25, 1.5, 2];

/** The one sound that plays in this tab; it goes on while other screens are opened. */
export class Player {
  private state: PlayerState = { at: 0, isPlaying: false, rate: 1, skipsSilence: false };
  private readonly listeners = new Set<() => void>();
  private readonly audio = new Audio();

  constructor() {
    const { audio } = this;
    audio.preload = 'auto';
    audio.ontimeupdate = this.moved;
    audio.onplay = () => this.set({ isPlaying: true, trouble: undefined });
    audio.onpause = () => this.set({ isPlaying: false });
    audio.onerror = () =>
      audio.getAttribute('src') &&
      this.set({ isPlaying: false, trouble: 'This sound can’t be played now. Try again in a moment.' });
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = () => this.state;

  /** Where it stands now, in seconds, to the millisecond. */
  position = () => this.audio.currentTime;

  /** Plays a sound from a moment in seconds, or from where it stands. */
  play = (sound: Playable, from?: number) => {
    this.take(sound);
    if (from !== undefined) this.seek(from);
    else if (this.state.at >= endOf(sound) - 0.1) this.seek(0);
    // Some browsers forget the speed with a new source; the pitch of a voice is kept by all of them.
    this.audio.playbackRate = this.state.rate;
    this.audio.play().catch(() => {});
  };

  pause = () => this.audio.pause();

  toggle = (sound = this.state.playing) => {
    if (!sound) return;
    if (this.state.isPlaying && this.state.playing?.id === sound.id) this.pause();
    else this.play(sound);
  };

  /** Goes to a moment of a sound, in seconds, and plays on if it played. */
  seekIn = (sound: Playable, to: number) => {
    this.take(sound);
    this.seek(to);
  };

  by = (seconds: number) => this.seek(this.state.at + seconds);

  setRate = (rate: number) => {
    this.audio.playbackRate = rate;
    this.set({ rate });
  };

  setSkipsSilence = (skipsSilence: boolean) => this.set({ skipsSilence });

  /** Sets the start of a loop, then its end; once more ends it. */
  loop = () => {
    const { loop, at } = this.state;
    if (!loop) return this.set({ loop: { from: at } });
    if (loop.to !== undefined || at <= loop.from) return this.set({ loop: undefined });
    this.set({ loop: { from: loop.from, to: at } });
    this.seek(loop.from);
  };

  close = () => {
    this.pause();
    this.set({ playing: undefined, loop: undefined });
  };

  private take(sound: Playable) {
    const isOther = this.state.playing?.id !== sound.id;
    if (isOther || this.state.trouble) {
      this.audio.src = sound.url;
      this.set({ trouble: undefined });
    }
    if (isOther) this.set({ playing: sound, at: 0, loop: undefined });
    else if (this.state.playing !== sound) this.set({ playing: sound });
    if (isOther && sound.trim) this.seek(0);
  }

  private seek(to: number) {
    const { playing } = this.state;
    const within = Math.max(0, Math.min(to, playing?.seconds ?? 0));
    const at = playing?.trim ? nearest(playing.trim.from, playing.trim.to, within * 1000) / 1000 : within;
    this.audio.currentTime = at;
    this.set({ at });
  }

  private moved = () => {
    const at = this.audio.currentTime;
    const { loop, skipsSilence, playing, isPlaying } = this.state;
    if (playing?.trim && isPlaying && at >= endOf(playing)) {
      this.pause();
      return this.seek(at);
    }
    if (loop?.to !== undefined && at >= loop.to) return this.seek(loop.from);
    const silence = playing?.silences.find((one) => one.from <= at * 1000 && at * 1000 < one.to);
    if (skipsSilence && isPlaying && silence) return this.seek(silence.to / 1000);
    this.set({ at });
  };

  private set(part: Partial<PlayerState>) {
    this.state = { ...this.state, ...part };
    for (const listener of this.listeners) listener();
  }
}
