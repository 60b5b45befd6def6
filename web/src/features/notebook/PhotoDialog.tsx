import { useEffect, useRef, useState } from 'react';
import { Button, Dialog, Trouble } from '../../ui';

const JPEG_QUALITY = 0.92;

/** A photo from the camera of this device, or pictures from files. */
export function PhotoDialog({
  onClose,
  onPhoto,
}: {
  onClose: () => void;
  onPhoto: (blob: Blob, name: string) => Promise<void>;
}) {
  const video = useRef<HTMLVideoElement>(null);
  const [trouble, setTrouble] = useState('');
  const [isReady, setReady] = useState(false);
  useEffect(() => {
    let stream: MediaStream | undefined;
    let isGone = false;
    navigator.mediaDevices
      ?.getUserMedia({ video: { facingMode: 'environment', width: { ideal: 3840 } } })
      .then((got) => {
        stream = got;
        if (isGone) return stop(got);
        if (video.current) video.current.srcObject = got;
      })
      .catch(() =>
        setTrouble('No camera answers. Allow it in the browser, or choose a picture from a file.'),
      );
    return () => {
      isGone = true;
      if (stream) stop(stream);
    };
  }, []);
  const take = () => {
    const frame = video.current;
    if (!frame) return;
    const canvas = document.createElement('canvas');
    canvas.width = frame.videoWidth;
    canvas.height = frame.videoHeight;
    canvas.getContext('2d')?.drawImage(frame, 0, 0);
    canvas.toBlob(
      (blob) => {
        if (blob) onPhoto(blob, 'photo.jpg').then(onClose);
      },
      'image/jpeg',
      JPEG_QUALITY,
    );
  };
  const choose = async (files: FileList | null) => {
    for (const file of files ?? []) await onPhoto(file, file.name);
    onClose();
  };
  return (
    <Dialog title="Photo" onClose={onClose}>
      <Trouble>{trouble}</Trouble>
      <video
        ref={video}
        autoPlay
        playsInline
        muted
        aria-label="What the camera sees"
        className={`w-full rounded-md bg-bar ${trouble ? 'hidden' : ''}`}
        onLoadedData={() => setReady(true)}
      />
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <Button look="act" onClick={take} disabled={!isReady}>
          Take the photo
        </Button>
        <label className="cursor-pointer rounded-md border border-line px-3 py-1.5 font-semibold focus-within:outline-2 hover:border-petrol">
          Choose pictures
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp"
            multiple
            className="sr-only"
            onChange={(event) => choose(event.target.files)}
          />
        </label>
      </div>
      <p className="mt-2 text-[13px] text-soft">
        Where it was taken is removed from the picture before it is kept.
      </p>
    </Dialog>
  );
}

const stop = (stream: MediaStream) => {
  for (const track of stream.getTracks()) track.stop();
};
