import { useEffect, useRef } from 'react';
import { Button, Dialog, length, Trouble } from '../../ui';
import { LONGEST_CLIP_SECONDS, useFilming } from './useFilming';

type Props = {
  place: { pageId: string; zone: string };
  onClose: () => void;
  onFile: (blob: Blob, name: string) => Promise<void>;
};

/** Films a short clip with the camera, or takes one from a file. */
export function ClipDialog({ place, onClose, onFile }: Props) {
  const view = useRef<HTMLVideoElement>(null);
  const { stream, trouble, seconds, start, stop } = useFilming(place, onClose);
  useEffect(() => {
    if (view.current && stream) view.current.srcObject = stream;
  }, [stream]);
  const choose = async (files: FileList | null) => {
    for (const file of files ?? []) await onFile(file, file.name);
    onClose();
  };
  const isFilming = seconds !== undefined;
  return (
    <Dialog title="Film a clip" onClose={onClose} size="wide">
      <Trouble>{trouble}</Trouble>
      {!trouble && (
        <video
          ref={view}
          muted
          autoPlay
          playsInline
          aria-label="What the camera sees"
          className="mx-auto mb-3 block max-h-[58vh] w-full rounded-md bg-[#17262D] object-contain"
        />
      )}
      <div className="flex flex-wrap items-center gap-3">
        {isFilming ? (
          <>
            <Button look="act" onClick={stop}>
              Stop and keep
            </Button>
            <output className="text-[17px] font-semibold tabular-nums">{length(seconds)}</output>
          </>
        ) : (
          <>
            <Button look="act" onClick={start} disabled={!stream}>
              Start filming
            </Button>
            <label className="cursor-pointer rounded-md border border-line px-3 py-1.5 font-semibold focus-within:outline-2 hover:border-petrol">
              Choose a film
              <input
                type="file"
                accept="video/*,.webm,.mp4,.mov"
                className="sr-only"
                onChange={(event) => choose(event.target.files)}
              />
            </label>
          </>
        )}
      </div>
      <p className="mt-3 text-[13px] text-soft">
        Up to {LONGEST_CLIP_SECONDS / 60} minutes. Practise first: only what you keep goes on the page. Every
        second is kept on this device as it is filmed.
      </p>
    </Dialog>
  );
}
