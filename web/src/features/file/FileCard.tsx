import { useState } from 'react';
import type { Api } from '../../api';
import { Button, fileSize } from '../../ui';
import { FileLook } from './FileLook';
import { fileKind, isText } from './fileKind';

type Props = {
  name: string;
  /** What the server has of it; nothing while it is on its way there. */
  media: Api['MediaView'] | undefined;
  /** Makes typed text of it. */
  onText?: () => void;
};

/** A file on a page: what it is, a look inside, and the file itself. */
export function FileCard({ name, media, onText }: Props) {
  const [isOpen, setOpen] = useState(false);
  return (
    <div className="rounded-md border border-line bg-card">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 px-3 py-2">
        <span
          className="grid h-9 min-w-9 place-items-center rounded-sm rounded-tr-[10px] border border-petrol px-1 text-[11px] font-bold text-petrol"
          aria-hidden="true"
        >
          {fileKind(name, media?.type)}
        </span>
        <span className="min-w-0 flex-1 basis-40">
          <b className="block truncate" title={name}>
            {name}
          </b>
          <span className="text-[13px] text-soft">
            {media ? fileSize(media.bytes) : 'kept on this device, on its way'}
          </span>
        </span>
        {media && (
          <span className="no-print flex gap-1">
            <Button look="quiet" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
              {isOpen ? 'Close' : 'Look inside'}
            </Button>
            {onText && isText(media.type) && (
              <Button look="quiet" onClick={onText}>
                As text
              </Button>
            )}
            <a
              href={`/api/media/${media.id}`}
              download={name}
              className="inline-flex min-h-8 items-center px-1.5 font-semibold text-petrol hover:underline"
            >
              Save
            </a>
          </span>
        )}
      </div>
      {isOpen && media && (
        <div className="border-t border-line">
          <FileLook media={media} />
        </div>
      )}
    </div>
  );
}
