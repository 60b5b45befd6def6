import { Pause, Play } from '@phosphor-icons/react';
import { useRef, useState } from 'react';
import type { Api } from '../../api';
import { length } from '../../ui';
import { useMediaUrl } from './useMediaUrl';

type Props = { media: Api['MediaView'] | undefined; mediaId: string | undefined; name: string };

/** A recording: play it, and seek by its waveform or by the arrow keys. */
export function RecordingEntry({ media, mediaId, name }: Props) {
  const url = useMediaUrl(mediaId, !!media);
  return <SoundPlayer url={url} seconds={media?.seconds ?? 0} peaks={media?.peaks ?? []} name={name} />;
}

export function SoundPlayer({
  url,
  seconds,
  peaks,
  name,
}: {
  url: string | undefined;
  seconds: number;
  peaks: number[];
  name: string;
}) {
  const audio = useRef<HTMLAudioElement>(null);
  const [at, setAt] = useState(0);
  const [isPlaying, setPlaying] = useState(false);
  const toggle = () => (isPlaying ? audio.current?.pause() : void audio.current?.play());
  const seek = (to: number) => {
    if (audio.current) audio.current.currentTime = to;
    setAt(to);
  };
  return (
    <div className="flex items-center gap-3 rounded-md border border-line bg-card px-2.5 py-2">
      <audio
        ref={audio}
        src={url}
        preload="none"
        onTimeUpdate={(event) => setAt(event.currentTarget.currentTime)}
        onPlay={() => setPlaying(true)}
        onPause={() => setPlaying(false)}
      />
      <button
        type="button"
        aria-label={isPlaying ? `Stop ${name}` : `Play ${name}`}
        className="grid size-[26px] shrink-0 place-items-center rounded-full bg-petrol text-on-petrol"
        onClick={toggle}
      >
        {isPlaying ? <Pause weight="fill" size={13} /> : <Play weight="fill" size={13} />}
      </button>
      <div className="relative h-8 min-w-0 flex-1">
        <Waveform peaks={peaks} share={seconds > 0 ? at / seconds : 0} />
        <input
          type="range"
          aria-label={`Where to play ${name} from`}
          aria-valuetext={`${length(at)} of ${length(seconds)}`}
          min={0}
          max={seconds || 1}
          step={0.1}
          value={at}
          onChange={(event) => seek(Number(event.target.value))}
          className="absolute inset-0 w-full cursor-pointer opacity-0 focus-visible:opacity-60"
        />
      </div>
      <span className="text-[13px] whitespace-nowrap text-soft">
        {length(at)} of {length(seconds)}
      </span>
    </div>
  );
}

/** Bars that stand side by side with room between them, whatever the width. */
const MOST_BARS = 80;

function Waveform({ peaks, share }: { peaks: number[]; share: number }) {
  const step = Math.max(1, Math.ceil(peaks.length / MOST_BARS));
  const bars = peaks.filter((_, i) => i % step === 0);
  return (
    <svg
      viewBox={`0 0 ${Math.max(1, bars.length)} 32`}
      preserveAspectRatio="none"
      className="h-full w-full"
      aria-hidden="true"
    >
      {bars.map((peak, i) => {
        const height = Math.max(2, (peak / 100) * 30);
        return (
          <rect
            key={i}
            x={i + 0.15}
            width={0.6}
            y={16 - height / 2}
            height={height}
            fill={i / bars.length < share ? 'var(--petrol)' : 'var(--line)'}
          />
        );
      })}
    </svg>
  );
}
