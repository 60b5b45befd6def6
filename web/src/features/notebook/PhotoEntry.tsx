import { useState } from 'react';
import type { Api } from '../../api';
import { LargeView } from '../scan';
import { useMediaUrl } from './useMediaUrl';

type Props = { media: Api['MediaView'] | undefined; mediaId: string | undefined; caption: string };

/** A photo by itself; a click shows the full picture. */
export function PhotoEntry({ media, mediaId, caption }: Props) {
  const url = useMediaUrl(mediaId, !!media, '/screen');
  const [isLarge, setLarge] = useState(false);
  return (
    <>
      <button
        type="button"
        className="block w-full"
        onClick={() => setLarge(true)}
        aria-label={`Show “${caption || 'photo'}” large`}
      >
        <img
          src={url}
          alt={caption || 'Photo without a caption'}
          width={media?.width}
          height={media?.height}
          className="block h-auto max-h-[560px] w-full rounded-md bg-wash object-contain"
        />
      </button>
      {isLarge && (
        <LargeView
          pictures={[
            {
              small: url ?? '',
              full: media ? `/api/media/${media.id}` : (url ?? ''),
              name: caption || 'Photo',
            },
          ]}
          start={0}
          title=""
          onClose={() => setLarge(false)}
        />
      )}
    </>
  );
}
