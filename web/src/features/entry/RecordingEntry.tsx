import { useMediaUrl } from '../../device';
import { SoundPlayer } from '../voice';
import type { Shown } from './shown';

type Props = { entry: Shown; address: string; onTake?: (take: unknown) => void };

/** A recording on its page, from the server or, while it is not sent yet, from this device. */
export function RecordingEntry({ entry, address, onTake }: Props) {
  const url = useMediaUrl(entry.mediaId, !!entry.media);
  return (
    <SoundPlayer
      id={entry.id}
      url={url}
      media={entry.media}
      content={entry.content}
      name={entry.caption || 'Recording'}
      address={address}
      onTake={onTake}
    />
  );
}
