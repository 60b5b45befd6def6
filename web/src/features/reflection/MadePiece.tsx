import { useState } from 'react';
import { useMediaUrl } from '../../device';
import { Button } from '../../ui';
import type { Shown } from '../entry';
import { InkEntry } from '../layer';
import { SoundPlayer } from '../voice';

type Props = {
  /** Not there while it is recorded, and where it is in the bin. */
  entry: Shown | undefined;
  onRedraw: (entry: Shown, content: unknown) => void;
  onTakeOut: () => void;
};

/** An answer that was spoken or written by hand. */
export function MadePiece({ entry, onRedraw, onTakeOut }: Props) {
  const isInk = entry?.kind === 'INK';
  const [isDrawing, setDrawing] = useState(isInk && isBlank(entry.content));
  return (
    <li className="w-full">
      {!entry && (
        <p className="py-1 text-[13.5px] text-soft">
          A spoken answer: it is being recorded or kept, or it is in the bin.
        </p>
      )}
      {entry?.kind === 'RECORDING' && <Spoken entry={entry} />}
      {isInk && (
        <div className="rounded-md border border-line">
          <InkEntry
            content={entry.content}
            isChosen={isDrawing}
            caption={entry.caption}
            onChange={(content) => onRedraw(entry, content)}
          />
        </div>
      )}
      <div className="flex gap-2">
        {isInk && (
          <Button look="quiet" onClick={() => setDrawing(!isDrawing)}>
            {isDrawing ? 'Done' : 'Write on it'}
          </Button>
        )}
        <Button look="quiet" onClick={onTakeOut}>
          Take out
        </Button>
      </div>
    </li>
  );
}

function Spoken({ entry }: { entry: Shown }) {
  const url = useMediaUrl(entry.mediaId, !!entry.media);
  return (
    <SoundPlayer
      id={entry.id}
      url={url}
      media={entry.media}
      content={entry.content}
      name={entry.caption || 'Spoken answer'}
    />
  );
}

const isBlank = (content: unknown) => (content as { strokes?: unknown[] }).strokes?.length === 0;
