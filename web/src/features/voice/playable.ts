import type { Api } from '../../api';
import type { Playable } from './Player';

type Kept = { id: string; url?: string; media?: Api['MediaView']; name: string; address?: string };

/** A recording as the player takes it; the compact copy is listened to where there is one. */
export function playable({ id, url = '', media, name, address }: Kept): Playable {
  return {
    id,
    url: media ? `/api/media/${media.id}${media.compact ? '/compact' : ''}` : url,
    name,
    seconds: media?.seconds ?? 0,
    silences: media?.silences ?? [],
    address,
  };
}
