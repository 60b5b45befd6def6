import { Play, Stop } from '@phosphor-icons/react';
import { useState } from 'react';
import type { Api } from '../../api';
import { Button } from '../../ui';
import { ClipFrame } from './ClipFrame';

type Props = {
  title: string;
  clip: NonNullable<Api['LinkCardView']['clip']>;
  /** The small page that plays it, and nothing else. */
  player: string;
  pictureId: string | undefined;
  /** Which part of it plays, as it is typed; blank from its beginning, or to its end. */
  part: { from: string; to: string };
};

/** A clip from elsewhere in its place, alone. Its site is asked for it when it is played, and not before. */
export function ClipPlayer({ title, clip, player, pictureId, part }: Props) {
  const [isPlaying, setPlaying] = useState(false);
  return (
    <div className="mb-3 overflow-hidden rounded-md border border-line bg-card">
      {isPlaying ? (
        <ClipFrame key={`${part.from}-${part.to}`} title={title} player={player} />
      ) : (
        pictureId && (
          <img
            src={`/api/media/${pictureId}/screen`}
            alt=""
            className="block max-h-72 w-full bg-wash object-contain"
          />
        )
      )}
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 px-3 py-2">
        <Button onClick={() => setPlaying(!isPlaying)}>
          {isPlaying ? <Stop size={15} aria-hidden="true" /> : <Play size={15} aria-hidden="true" />}
          {isPlaying ? 'Close the clip' : 'Play the clip'}
        </Button>
        <span className="text-soft">{[partWords(part), clip.length].filter(Boolean).join(' of ')}</span>
        <span className="text-[13px] text-soft">
          {isPlaying ? `From ${clip.host}` : `${clip.host} is asked for it when you play it.`}
        </span>
      </div>
    </div>
  );
}

function partWords({ from, to }: Props['part']): string {
  if (from && to) return `${from} to ${to}`;
  if (from) return `from ${from}`;
  return to && `until ${to}`;
}
