import { length } from '../../ui';
import type { Playable } from './Player';
import { Waveform } from './Waveform';

type Props = {
  sound: Playable;
  peaks: readonly number[];
  /** Where it stands, in seconds. */
  at: number;
  /** How much of it is shown, in seconds; 0 for all. */
  span: number;
  /** What is marked on it, in seconds. */
  signs: readonly number[];
  onGo: (to: number) => void;
};

/** How loud a sound is over its length, or a closer look at the part that plays; a press goes there. */
export function SoundStrip({ sound, peaks, at, span, signs, onGo }: Props) {
  const { seconds, trim, name } = sound;
  const { from, to } = partAt(seconds, span, at);
  const share = (moment: number) => (to > from ? (moment - from) / (to - from) : 0);
  const place = (moment: number) => Math.round((peaks.length * moment) / (seconds || 1));
  return (
    <div className="relative h-8 min-w-0 flex-1">
      <Waveform
        peaks={peaks.slice(place(from), place(to))}
        share={share(at)}
        signs={signs.filter((sign) => from <= sign && sign <= to).map(share)}
        heard={trim && { from: share(trim.from / 1000), to: share(trim.to / 1000) }}
      />
      <input
        type="range"
        aria-label={`Where to play ${name} from`}
        aria-valuetext={`${length(at)} of ${length(seconds)}`}
        min={from}
        max={to || 1}
        step={0.1}
        value={at}
        onKeyDown={(event) => {
          const by = { ArrowLeft: -5, ArrowRight: 5 }[event.key];
          if (!by) return;
          event.preventDefault();
          onGo(at + by);
        }}
        onChange={(event) => onGo(Number(event.target.value))}
        className="absolute inset-0 w-full cursor-pointer opacity-0 focus-visible:opacity-60"
      />
    </div>
  );
}

/** The part of a sound that is shown while a moment plays: it is turned over like a page. All in seconds. */
export function partAt(seconds: number, span: number, at: number): { from: number; to: number } {
  if (!span || span >= seconds) return { from: 0, to: seconds };
  const from = Math.min(Math.floor(at / span) * span, seconds - span);
  return { from, to: from + span };
}
