import type { Api } from '../../api';
import { AtWork, Button, fileSize, moment, Trouble } from '../../ui';
import { copyName } from './copyForms';
import { copyFile } from './queries';

/** A copy on its way, or one that can be saved again. */
export function CopyLine({ copy, onDelete }: { copy: Api['CopyView']; onDelete: () => void }) {
  const name = copyName(copy);
  if (copy.state === 'WAITING')
    return (
      <li className="border-t border-line/60 py-1.5">
        <b>{name}</b>
        <AtWork share={copy.share}>It is being made. You can leave this screen meanwhile.</AtWork>
      </li>
    );
  return (
    <li className="flex flex-wrap items-center gap-x-2 border-t border-line/60 py-1.5">
      <span className="min-w-0 flex-1 text-[14px]">
        <b>{name}</b>
        <span className="block text-[13px] whitespace-nowrap text-soft">
          {moment(copy.wantedAt)}
          {copy.state === 'READY' && ` · ${fileSize(copy.bytes)}`}
        </span>
      </span>
      {copy.state === 'READY' && (
        <a
          className="inline-flex min-h-8 items-center rounded-md border border-line px-2.5 py-1 font-semibold hover:border-petrol"
          href={copyFile(copy.id)}
          download
          aria-label={`Save the ${name} of ${moment(copy.wantedAt)}`}
        >
          Save
        </a>
      )}
      <Button look="quiet" onClick={onDelete} aria-label={`Delete the ${name} of ${moment(copy.wantedAt)}`}>
        Delete
      </Button>
      {copy.state === 'FAILED' && <Trouble>{copy.words}</Trouble>}
    </li>
  );
}
