import { useMemo, useState } from 'react';
import type { InkDrawing } from '../ink';
import { thingOf } from '../layer';
import { pagesOf, picturesOf } from '../scan';
import { type Surface, type Talk, TalkDialog, talksOf } from '../talk';
import type { Sound } from '../voice';
import { entryName } from './entryName';
import type { Shown } from './shown';

/** The surfaces of an entry that can be drawn on. */
function surfacesOf(entry: Shown): Surface[] {
  if (entry.kind === 'INK') {
    const { width, height, strokes } = entry.content as InkDrawing;
    return [{ width, height, things: strokes.map(thingOf), at: 0 }];
  }
  if (entry.kind !== 'PHOTO') return [];
  const media = entry.media ? [entry.media, ...entry.pictures] : entry.pictures;
  return picturesOf(pagesOf(entry), media).flatMap(({ layer, small }, at) =>
    layer ? [{ ...layer, picture: small, at }] : [],
  );
}

/** The way to watch a drawing being drawn again, where somebody talked meanwhile. */
export function WatchDrawn({ entry, sounds }: { entry: Shown; sounds: readonly Sound[] }) {
  const [watched, setWatched] = useState<Talk>();
  const talks = useMemo(() => talksOf(surfacesOf(entry), sounds), [entry, sounds]);
  const title = entryName(entry) || (entry.kind === 'INK' ? 'Drawing' : 'Photo');
  return (
    <>
      {talks.map((talk) => (
        <button
          key={`${talk.sound.playable.id} ${talk.surface.at}`}
          type="button"
          className="block min-h-[26px] rounded text-[13px] text-petrol hover:underline"
          onClick={() => setWatched(talk)}
        >
          Watch it being drawn, with “{talk.sound.playable.name}”
        </button>
      ))}
      {watched && (
        <TalkDialog
          title={title}
          talk={watched}
          subject={entry.id}
          canSave={!entry.isWaiting}
          onClose={() => setWatched(undefined)}
        />
      )}
    </>
  );
}
