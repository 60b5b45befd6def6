import type { Api } from '../../api';
import { FileCard } from '../file';
import { type InkDrawing, InkView } from '../ink';
import { LinkCard } from '../link';
import { PhotoSetView, pagesOf, picturesOf } from '../scan';
import { ProseView } from '../text';
import { ClipPlayer, SoundPlayer } from '../voice';
import { addressOf, fileName, viewName } from './entryName';

/** An entry to be looked at and not changed. */
export function EntryLook({ entry }: { entry: Api['EntryView'] }) {
  const { media, caption } = entry;
  return (
    <div className="mb-3">
      {entry.kind === 'TYPED' && <ProseView content={entry.content} />}
      {entry.kind === 'INK' && <InkView drawing={entry.content as InkDrawing} title={caption} />}
      {entry.kind === 'PHOTO' && media && (
        <PhotoSetView pictures={picturesOf(pagesOf(entry), [media, ...entry.pictures])} title={caption} />
      )}
      {entry.kind === 'RECORDING' && media && (
        <SoundPlayer id={entry.id} media={media} content={entry.content} name={caption || 'Recording'} />
      )}
      {entry.kind === 'CLIP' && media && (
        <ClipPlayer id={entry.id} media={media} content={entry.content} name={caption || 'Clip'} />
      )}
      {entry.kind === 'FILE' && <FileCard name={fileName(entry.content)} media={media} />}
      {entry.kind === 'LINK' && <LinkCard address={addressOf(entry.content)} card={entry.card} />}
      {entry.kind === 'VIEW' && <p className="font-semibold">{viewName(entry.content)}</p>}
      {caption && <p className="text-[13px] text-soft">{caption}</p>}
    </div>
  );
}
