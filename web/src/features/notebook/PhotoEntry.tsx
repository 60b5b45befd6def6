import type { Api } from '../../api';
import { PhotoSetView } from '../scan';
import { useMediaUrl } from './useMediaUrl';

type Props = { media: Api['MediaView'] | undefined; mediaId: string | undefined; caption: string };

/** A photo by itself, which may be on this device only; a set of one. */
export function PhotoEntry({ media, mediaId, caption }: Props) {
  const small = useMediaUrl(mediaId, !!media, '/screen');
  const full = useMediaUrl(mediaId, !!media);
  return (
    <PhotoSetView
      pictures={[{ small, full, width: media?.width, height: media?.height, name: '' }]}
      title={caption}
    />
  );
}
