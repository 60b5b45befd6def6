import type { Api } from '../../api';
import type { Playable } from './Player';
import type { Trim } from './take';

type Kept = {
  id: string;
  url?: string;
  media?: Api['MediaView'];
  name: string;
  address?: string;
  trim?: Trim;
};

/** A recording as the player takes it; the compact copy is listened to where there is one. */
export function playable({ id, url = '', media, name, address, trim }: Kept): Playable {
  return {
    id,
    url: media ? `/api/media/${media.id}${media.compact ? '/compact' : ''}` : url,
    name,
    seconds: media?.seconds ?? 0,
    silences: media?.silences ?? [],
    address,
    trim,
  };
}
