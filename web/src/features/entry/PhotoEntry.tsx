import { useMediaUrl } from '../../device';
import { PhotoSetView } from '../scan';

type Props = { mediaId: string | undefined; caption: string };

/** A photo that is on this device only until it is sent; a set of one. */
export function PhotoEntry({ mediaId, caption }: Props) {
  const address = useMediaUrl(mediaId, false);
  return <PhotoSetView pictures={[{ small: address, full: address, name: '' }]} title={caption} />;
}
