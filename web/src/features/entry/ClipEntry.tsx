import { useMediaUrl } from '../../device';
import { ClipPlayer } from '../voice';
import type { Shown } from './shown';

/** A clip on its page, from the server or, while it is not sent yet, from this device. */
export function ClipEntry({ entry, onTake }: { entry: Shown; onTake?: (take: unknown) => void }) {
  const url = useMediaUrl(entry.mediaId, !!entry.media);
  return (
    <ClipPlayer
      id={entry.id}
      url={url}
      media={entry.media}
      content={entry.content}
      name={entry.caption || 'Clip'}
      onTake={onTake}
    />
  );
}
