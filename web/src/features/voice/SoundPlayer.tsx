import { Pause, Play } from '@phosphor-icons/react';
import { useState } from 'react';
import type { Api } from '../../api';
import { length } from '../../ui';
import { ListeningTools } from './ListeningTools';
import { MomentList } from './MomentList';
import { playable } from './playable';
import { SoundStrip } from './SoundStrip';
import { SpokenWords } from './SpokenWords';
import { TrimNote } from './TrimNote';
import { type Take, takeOf } from './take';
import { isHeard } from './trim';
import { usePlayer } from './usePlayer';

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

/** A recording to listen to: play it, seek by its waveform or by keys, go to its moments, read what is said. */
export function SoundPlayer({ id, url, media, content, name, address, onTake }: Props) {
  const { player, state } = usePlayer();
  /** How much of it the strip shows, in seconds; 0 for all. */
  const [span, setSpan] = useState(0);
  const take = takeOf(content);
  const sound = playable({ id, url, media, name, address, trim: take.trim });
  const isHere = state.playing?.id === id;
  const at = isHere ? state.at : (take.trim?.from ?? 0) / 1000;
  const { seconds } = sound;
  const isPlaying = isHere && state.isPlaying;
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
        <SoundStrip
          sound={sound}
          peaks={media?.peaks ?? []}
          at={at}
          span={span}
          signs={[
            ...take.moments.map((moment) => moment.at / 1000),
            ...(isHere && state.loop ? [state.loop.from, state.loop.to ?? state.at] : []),
          ]}
          onGo={(to) => player.seekIn(sound, to)}
        />
        <span className="text-[13px] whitespace-nowrap text-soft">
          {length(at)} of {length(seconds)}
        </span>
      </div>
      {isHere && state.trouble && <p className="mt-1 text-[13.5px] text-rust">{state.trouble}</p>}
      {media?.audibility && HEARD[media.audibility] && (
        <p className="mt-1 text-[13.5px] text-brass">{HEARD[media.audibility]}</p>
      )}
      <TrimNote trim={take.trim} />
      {isHere && <ListeningTools media={media} take={take} span={span} onSpan={setSpan} onTake={onTake} />}
      <MomentList
        take={{ ...take, moments: take.moments.filter((moment) => isHeard(take.trim, moment.at)) }}
        onGo={(moment) => player.play(sound, moment.at / 1000)}
        onTake={onTake && ((changed) => onTake(withHidden(take, changed)))}
      />
      <SpokenWords
        id={id}
        lines={take.lines}
        now={at * 1000}
        isShown={!isHere}
        length={seconds * 1000}
        isKept={!!media}
        onGo={(moment) => player.play(sound, moment / 1000)}
        onLines={isHere && onTake ? (lines) => onTake({ ...take, lines }) : undefined}
      />
    </div>
  );
}

/** What was changed, with the moments that a trim hides. */
const withHidden = (take: Take, changed: Take): Take => ({
  ...changed,
  moments: [...changed.moments, ...take.moments.filter((moment) => !isHeard(take.trim, moment.at))].toSorted(
    (a, b) => a.at - b.at,
  ),
});
