import { lazy, type MouseEvent, Suspense } from 'react';
import type { Api } from '../../api';
import { addressOf, fileName } from '../entry';
import { FileCard } from '../file';
import { type InkDrawing, InkView, StrokeShape } from '../ink';
import { LinkCard } from '../link';
import { type Remark, RemarkedText, RemarkSpots } from '../remark';
import { type Picture, PictureView, pagesOf, pictureName, picturesOf } from '../scan';
import type { Look } from '../text';
import { ClipPlayer, SoundPlayer } from '../voice';

/** Views bring charts and more along, so they come where one was sealed. */
const SealedView = lazy(async () => ({ default: (await import('../view')).SealedView }));

type Entry = Api['SealedEntryView'];

/** A place on a picture of an entry, by shares of its width and height. */
export type Spot = { picture: number; x: number; y: number };

type Props = {
  entry: Entry;
  /** The remarks on it, to be seen where they belong. */
  remarks?: readonly Remark[];
  looks?: readonly Look[];
  /** Places of strokes or pictures that are to be seen as changed, and how. */
  changed?: { places: readonly number[]; look: 'gone' | 'come' };
  onSpot?: (spot: Spot) => void;
};

const NO_REMARKS: Remark[] = [];

/** What an entry of a sealed version holds, as it was, with the remarks on it. */
export function SealedContent({ entry, remarks = NO_REMARKS, looks, changed, onSpot }: Props) {
  if (entry.kind === 'TYPED') return <RemarkedText content={entry.content} looks={looks} remarks={remarks} />;
  if (entry.kind === 'INK') return <SealedDrawing {...{ entry, remarks, changed, onSpot }} />;
  if (entry.kind === 'LINK') return <LinkCard address={addressOf(entry.content)} card={entry.card} />;
  if (entry.kind === 'VIEW')
    return (
      <Suspense fallback={null}>
        <SealedView content={entry.content} />
      </Suspense>
    );
  if (!entry.media) return null;
  if (entry.kind === 'FILE') return <FileCard name={fileName(entry.content)} media={entry.media} />;
  if (entry.kind === 'PHOTO') return <SealedPictures {...{ entry, remarks, changed, onSpot }} />;
  // The seal is over the sound as it came, so that is what is heard.
  const media = { ...entry.media, compact: false };
  const { id, content, caption } = entry;
  if (entry.kind === 'CLIP')
    return <ClipPlayer id={id} media={media} content={content} name={caption || 'Clip'} />;
  return <SoundPlayer id={id} media={media} content={content} name={caption || 'Recording'} />;
}

/** The pictures of an entry, each with its size, its name and what is written on it. */
export const picturesIn = (entry: Entry): Picture[] =>
  picturesOf(pagesOf(entry), entry.media ? [entry.media, ...entry.pictures] : entry.pictures);

const EDGES = { gone: 'outline-3 outline-rust', come: 'outline-3 outline-moss' };
const SIGNS = { gone: 'Taken out', come: 'New or changed' };

type Parts = Required<Pick<Props, 'entry' | 'remarks'>> & Pick<Props, 'changed' | 'onSpot'>;

/** All pictures of a set one after the other: who reads turns no pages within a page. */
function SealedPictures({ entry, remarks, changed, onSpot }: Parts) {
  const pictures = picturesIn(entry);
  return (
    <ol className="grid gap-2">
      {pictures.map((picture, i) => {
        const isChanged = changed?.places.includes(i);
        return (
          <li key={picture.small} className={isChanged && changed ? EDGES[changed.look] : ''}>
            <PictureView
              picture={picture}
              src={picture.small}
              name={pictureName(pictures, i, entry.caption)}
              tallest={620}
              isBare={false}
            >
              <SpotTaker picture={i} onSpot={onSpot} />
              <RemarkSpots remarks={remarks} picture={i} />
            </PictureView>
            {isChanged && changed && <p className="text-[13px] font-semibold">{SIGNS[changed.look]}</p>}
            {picture.name && <p className="text-[13px] text-soft">{picture.name}</p>}
          </li>
        );
      })}
    </ol>
  );
}

const HALO = { gone: '#E9A79C', come: '#A9CF97' };

function SealedDrawing({ entry, remarks, changed, onSpot }: Parts) {
  const drawing = entry.content as InkDrawing;
  const halo = changed && {
    stroke: HALO[changed.look],
    strokeWidth: 10,
    strokeLinejoin: 'round' as const,
    fill: HALO[changed.look],
  };
  return (
    <div className="relative">
      <InkView
        drawing={drawing}
        title={entry.caption}
        under={
          changed && (
            <g {...halo}>
              {drawing.strokes.map(
                (stroke, i) =>
                  changed.places.includes(i) && (
                    <StrokeShape key={i.toString()} stroke={{ ...stroke, colour: HALO[changed.look] }} />
                  ),
              )}
            </g>
          )
        }
      />
      <SpotTaker picture={0} onSpot={onSpot} />
      <RemarkSpots remarks={remarks} picture={0} />
    </div>
  );
}

/** Takes the place that is pressed; by keys an entry is remarked on as a whole, or with the pen. */
function SpotTaker({ picture, onSpot }: { picture: number; onSpot?: (spot: Spot) => void }) {
  if (!onSpot) return null;
  const press = (event: MouseEvent<HTMLElement>) => {
    // The entry around it would be chosen as a whole.
    event.stopPropagation();
    const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
    onSpot({ picture, x: (event.clientX - left) / width, y: (event.clientY - top) / height });
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: a place by the pointer; the keys choose the whole
    // biome-ignore lint/a11y/useKeyWithClickEvents: a place by the pointer; the keys choose the whole
    <span className="absolute inset-0 cursor-crosshair" onClick={press} />
  );
}
