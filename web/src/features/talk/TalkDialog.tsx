import { useEffect } from 'react';
import { Button, Dialog, length } from '../../ui';
import { PaperLines, Things } from '../layer';
import { SpeedChoice, usePlayer } from '../voice';
import { SaveTalk } from './SaveTalk';
import { drawnAt, type Talk } from './talk';
import { useNow } from './useNow';

type Props = { title: string; talk: Talk; subject: string; canSave: boolean; onClose: () => void };

/** A drawing that is drawn again while the voice that explained it is heard. */
export function TalkDialog({ title, talk, subject, canSave, onClose }: Props) {
  const { player, state } = usePlayer();
  const { surface, sound, through } = talk;
  const { playable } = sound;
  const isHere = state.playing?.id === playable.id;
  const position = useNow(player);
  const now = isHere ? position : 0;
  useEffect(() => player.play(playable, 0), [player, playable]);
  useEffect(() => () => player.pause(), [player]);
  // A press goes on from where the last one led, also when that was not drawn yet.
  const step = (to: (from: number) => number) => {
    // In whole ms: a hair before a step is at it.
    const millis = to(isHere ? Math.round(player.position() * 1000) : 0);
    if (millis >= 0) player.seekIn(playable, millis / 1000);
  };
  return (
    <Dialog title={`“${title}”, as it was drawn`} onClose={onClose} size="full">
      <svg
        viewBox={`0 0 ${surface.width} ${surface.height}`}
        className="mx-auto block rounded-md border border-line bg-sheet"
        style={{ width: `min(100%, calc(66vh * ${surface.width / surface.height}))` }}
        role="img"
        aria-label={title}
      >
        {surface.picture ? (
          <image
            href={surface.picture}
            width={surface.width}
            height={surface.height}
            preserveAspectRatio="none"
          />
        ) : (
          <PaperLines width={surface.width} height={surface.height} />
        )}
        <Things things={drawnAt(talk, now)} />
      </svg>
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <Button look="act" onClick={() => player.toggle(playable)}>
          {isHere && state.isPlaying ? 'Stop' : 'Play'}
        </Button>
        <Button onClick={() => step((from) => through.stepBefore(from))}>Step back</Button>
        <Button onClick={() => step((from) => through.stepAfter(from))} disabled={through.stepAfter(now) < 0}>
          Next step
        </Button>
        <input
          type="range"
          aria-label={`Where to play ${playable.name} from`}
          aria-valuetext={`${length(now / 1000)} of ${length(playable.seconds)}`}
          min={0}
          max={playable.seconds || 1}
          step={0.1}
          value={now / 1000}
          className="min-w-40 flex-1 accent-petrol"
          onChange={(event) => player.seekIn(playable, Number(event.target.value))}
        />
        <span className="tabular-nums">
          {length(now / 1000)} of {length(playable.seconds)}
        </span>
        <SpeedChoice />
      </div>
      {canSave && <SaveTalk recording={playable.id} subject={subject} at={surface.at} />}
    </Dialog>
  );
}
