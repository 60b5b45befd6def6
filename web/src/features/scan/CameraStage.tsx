import { useState } from 'react';
import { Button, plural, Trouble, useKeys } from '../../ui';
import { useCamera } from './useCamera';

type Props = { onPhoto: (photo: { blob: Blob; name: string }) => void; onDone: () => void };

/** The camera, for one photo after the other. */
export function CameraStage({ onPhoto, onDone }: Props) {
  const { video, trouble, isReady, onReady, take } = useCamera();
  const [taken, setTaken] = useState(0);
  const shoot = async () => {
    if (!isReady) return;
    onPhoto({ blob: await take(), name: 'photo.jpg' });
    setTaken(taken + 1);
  };
  useKeys({ ' ': shoot, d: onDone });
  return (
    <div className="flex h-full w-full flex-col items-center justify-center gap-3">
      <Trouble>{trouble}</Trouble>
      <video
        ref={video}
        autoPlay
        playsInline
        muted
        aria-label="What the camera sees"
        className={`max-h-[calc(100vh-240px)] w-full object-contain ${trouble ? 'hidden' : ''}`}
        onLoadedData={onReady}
      />
      <div className="flex flex-wrap items-center justify-center gap-2">
        <Button look="act" onClick={shoot} disabled={!isReady} hotkey="Space">
          Take the photo
        </Button>
        <Button onClick={onDone} hotkey="D">
          Done
        </Button>
        <output className="text-on-bar">{taken > 0 && `${plural(taken, 'photo')} taken`}</output>
      </div>
    </div>
  );
}
