import { Button, Dialog, Trouble } from '../../ui';
import { PHOTOS, useCamera } from '../scan';

type Props = {
  onClose: () => void;
  onPhoto: (blob: Blob, name: string) => Promise<void>;
  onScan: () => void;
};

/** A photo from the camera of this device, pictures from files, or the way to the scan bench. */
export function PhotoDialog({ onClose, onPhoto, onScan }: Props) {
  const camera = useCamera();
  const take = async () => {
    await onPhoto(await camera.take(), 'photo.jpg');
    onClose();
  };
  const choose = async (files: FileList | null) => {
    for (const file of files ?? []) await onPhoto(file, file.name);
    onClose();
  };
  return (
    <Dialog title="Photo" onClose={onClose}>
      <Trouble>{camera.trouble}</Trouble>
      <video
        ref={camera.video}
        autoPlay
        playsInline
        muted
        aria-label="What the camera sees"
        className={`w-full rounded-md bg-bar ${camera.trouble ? 'hidden' : ''}`}
        onLoadedData={camera.onReady}
      />
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <Button look="act" onClick={take} disabled={!camera.isReady}>
          Take the photo
        </Button>
        <label className="cursor-pointer rounded-md border border-line px-3 py-1.5 font-semibold focus-within:outline-2 hover:border-petrol">
          Choose pictures
          <input
            type="file"
            accept={PHOTOS}
            multiple
            className="sr-only"
            onChange={(event) => choose(event.target.files)}
          />
        </label>
      </div>
      <p className="mt-2 text-[13px] text-soft">
        Where it was taken is removed from the picture before it is kept.
      </p>
      <div className="mt-3 flex items-center justify-between gap-3 border-t border-line pt-3">
        <p>
          <b>Sheets of paper?</b> The scan bench straightens them and puts them in order.
        </p>
        <Button className="shrink-0" onClick={onScan}>
          Scan pages
        </Button>
      </div>
    </Dialog>
  );
}
