import { useEffect, useState } from 'react';
import { useOutbox } from './useOutbox';

/** The address of a picture or sound: the server's, or this device's own while it is not sent yet. */
export function useMediaUrl(
  mediaId: string | undefined,
  isOnServer: boolean,
  suffix = '',
): string | undefined {
  const { outbox } = useOutbox();
  const [local, setLocal] = useState<string>();
  useEffect(() => {
    if (isOnServer || !mediaId) return;
    let made: string | undefined;
    outbox.file(mediaId).then((file) => {
      made = file && URL.createObjectURL(file.blob);
      setLocal(made);
    });
    return () => {
      if (made) URL.revokeObjectURL(made);
    };
  }, [mediaId, isOnServer, outbox]);
  return isOnServer ? `/api/media/${mediaId}${suffix}` : local;
}
