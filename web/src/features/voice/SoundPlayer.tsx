import { Pause, Play } from '@phosphor-icons/react';
import type { Api } from '../../api';
import { length } from '../../ui';
import { ListeningTools } from './ListeningTools';
import { MomentList } from './MomentList';
import { playable } from './playable';
import { type Take, takeOf } from './take';
import { usePlayer } from './usePlayer';
import { Waveform } from './Waveform';

type Props = {
  /** Of the entry. */
  id: string;
  /** Where its sound is while the server does not have it. */
  url?: string;
  media?: Api['MediaView'];
  content?: unknown;
  name: string;
  /** The page that it stands on. */
  address?: string;
  onTake?: (take: Take) => void;
};

/** What is known of a sound by ear alone. */
const HEARD = {
  SILENT: 'Nothing can be heard on this recording. Was the microphone off?',
  TOO_QUIET: 'This recording is very quiet. Hold the microphone nearer next time.',
  CLEAR: '',
};

/** A recording to listen to: play it, seek by its waveform or by keys, go to its moments. */
export function SoundPlayer({ id, url, media, content, name, address, onTake }: Props) {
  const { player, state } = usePlayer();
  const take = takeOf(content);
  const sound = playable({ id, url, media, name, address });
  const isHere = state.playing?.id === id;
  const at = isHere ? state.at : 0;
  const { seconds } = sound;
  const isPlaying = isHere && state.isPlaying;
  const signs = [
    ...take.moments.map((moment) => moment.at / 1000),
    ...(isHere && state.loop ? [state.loop.from, state.loop.to ?? state.at] : []),
  ].map((second) => (seconds > 0 ? second / seconds : 0));
  return (
    <div className="rounded-md border border-line bg-card px-2.5 py-2">
      <div className="flex items-center gap-3">
        <button
          type="button"
          aria-label={isPlaying ? `Stop ${name}` : `Play ${name}`}
          className="grid size-[26px] shrink-0 place-items-center rounded-full bg-petrol text-on-petrol"
          onClick={() => player.toggle(sound)}
        >
          {isPlaying ? <Pause weight="fill" size={13} /> : <Play weight="fill" size={13} />}
        </button>
        <div className="relative h-8 min-w-0 flex-1">
          <Waveform peaks={media?.peaks ?? []} share={seconds > 0 ? at / seconds : 0} signs={signs} />
          <input
            type="range"
            aria-label={`Where to play ${name} from`}
            aria-valuetext={`${length(at)} of ${length(seconds)}`}
            min={0}
            max={seconds || 1}
            step={0.1}
            value={at}
            onKeyDown={(event) => {
              const by = { ArrowLeft: -5, ArrowRight: 5 }[event.key];
              if (!by) return;
              event.preventDefault();
              player.seekIn(sound, at + by);
            }}
            onChange={(event) => player.seekIn(sound, Number(event.target.value))}
            className="absolute inset-0 w-full cursor-pointer opacity-0 focus-visible:opacity-60"
          />
        </div>
        <span className="text-[13px] whitespace-nowrap text-soft">
          {length(at)} of {length(seconds)}
        </span>
      </div>
      {isHere && state.trouble && <p className="mt-1 text-[13.5px] text-rust">{state.trouble}</p>}
      {media?.audibility && HEARD[media.audibility] && (
        <p className="mt-1 text-[13.5px] text-brass">{HEARD[media.audibility]}</p>
      )}
      {isHere && <ListeningTools media={media} take={take} onTake={onTake} />}
      <MomentList take={take} onGo={(moment) => player.play(sound, moment.at / 1000)} onTake={onTake} />
    </div>
  );
}
