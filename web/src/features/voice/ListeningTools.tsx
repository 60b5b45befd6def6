import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { Button, fileSize, length, Menu, MenuItem } from '../../ui';
import { SpeedChoice } from './SpeedChoice';
import { TrimMenu } from './TrimMenu';
import { type Take, withMoment } from './take';
import { usePlayer } from './usePlayer';

type Props = {
  media?: Api['MediaView'];
  take: Take;
  /** How much of it is shown, in seconds; 0 for all. */
  span: number;
  onSpan: (span: number) => void;
  onTake?: (take: Take) => void;
};

/** Closer looks, in seconds. */
const SPANS = [600, 120, 30, 10];

/** How the sound that plays is listened to: how fast, with or without its silences, a part of it again and again. */
export function ListeningTools({ media, take, span, onSpan, onTake }: Props) {
  const { player, state } = usePlayer();
  const whole = media?.seconds ?? 0;
  const silent = (media?.silences ?? []).reduce((sum, one) => sum + one.to - one.from, 0) / 1000;
  return (
    <div className="mt-1.5 flex flex-wrap items-center gap-x-1 text-[13.5px]">
      <Button look="quiet" onClick={() => player.by(-5)}>
        Back 5 s
      </Button>
      <Button look="quiet" onClick={() => player.by(5)}>
        On 5 s
      </Button>
      <SpeedChoice />
      {SPANS.some((one) => 2 * one < whole) && (
        <label className="flex items-center gap-1.5 px-2">
          Shown
          <select
            className="min-h-[26px] rounded border border-line bg-card px-1"
            value={span}
            onChange={(event) => onSpan(Number(event.target.value))}
          >
            <option value={0}>all of it</option>
            {SPANS.filter((one) => 2 * one < whole).map((one) => (
              <option key={one} value={one}>
                {one >= 60 ? `${one / 60} minutes` : `${one} seconds`}
              </option>
            ))}
          </select>
        </label>
      )}
      {silent >= 1 && (
        <label className="flex min-h-[26px] items-center gap-1.5 px-2">
          <input
            type="checkbox"
            className="size-6 accent-petrol"
            checked={state.skipsSilence}
            onChange={(event) => player.setSkipsSilence(event.target.checked)}
          />
          Skip silences, {length(silent)} in all
        </label>
      )}
      <Button look="quiet" onClick={player.loop}>
        {loopWords(state.loop)}
      </Button>
      {onTake && (
        <Button
          look="quiet"
          onClick={() => onTake(withMoment(take, { id: newId(), at: Math.round(state.at * 1000), name: '' }))}
        >
          Mark this moment
        </Button>
      )}
      {onTake && (
        <TrimMenu
          trim={take.trim}
          now={state.at * 1000}
          whole={whole * 1000}
          onTrim={(trim) => onTake({ ...take, trim })}
        />
      )}
      {media && <SaveSound media={media} />}
    </div>
  );
}

/** The ways in which a sound or a clip leaves. */
export function SaveSound({ media }: { media: Api['MediaView'] }) {
  const save = (path: string, name: string) => {
    const link = document.createElement('a');
    link.href = path;
    link.download = name;
    link.click();
  };
  return (
    <Menu name="Save">
      <MenuItem onSelect={() => save(`/api/media/${media.id}`, media.name)}>
        The file as it came, {fileSize(media.bytes)}
      </MenuItem>
      {media.compact && (
        <MenuItem
          onSelect={() =>
            save(`/api/media/${media.id}/compact`, `${media.name.replace(/\.[^.]*$/, '')}.webm`)
          }
        >
          The small copy (WebM)
        </MenuItem>
      )}
    </Menu>
  );
}

function loopWords(loop: { from: number; to?: number } | undefined): string {
  if (!loop) return 'Again from here';
  if (loop.to === undefined) return `Again from ${length(loop.from)} to here`;
  return `Ends going round from ${length(loop.from)} to ${length(loop.to)}`;
}
