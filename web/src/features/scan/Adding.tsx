import { Button } from '../../ui';
import { PHOTOS } from './photos';

/** The ways to put photos on the bench. */
export function Adding({
  onCamera,
  onFiles,
  onPhone,
}: {
  onCamera: () => void;
  onFiles: (files: File[]) => void;
  onPhone: () => void;
}) {
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <Button onClick={onCamera} hotkey="P">
        Camera
      </Button>
      <label className="inline-flex min-h-8 cursor-pointer items-center rounded-md border border-line bg-card px-3 font-semibold focus-within:outline-2 hover:border-petrol">
        Add files
        <input
          type="file"
          accept={`${PHOTOS},application/pdf`}
          multiple
          className="sr-only"
          onChange={(event) => onFiles([...(event.target.files ?? [])])}
        />
      </label>
      <Button onClick={onPhone}>From a phone</Button>
    </div>
  );
}
