import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { readFileText } from '../../api';
import { Button, Dialog, fileSize, plural, Trouble } from '../../ui';
import { ProseView, wordsOf } from '../text';

const READ_AS_TEXT = /\.(docx|odt|xlsx|csv|tsv|md|markdown|html?|txt)$/i;

/** What the server takes, in bytes. */
const LARGEST = 200_000_000;

type Props = {
  onFiles: (files: File[]) => void;
  onText: (content: unknown, name: string) => void;
  onClose: () => void;
};

/** Files from this device: they go onto the page as they are, or a document's words as typed text. */
export function FileDialog({ onFiles, onText, onClose }: Props) {
  const [files, setFiles] = useState<File[]>([]);
  const read = useMutation({ mutationFn: readFileText });
  const only = files.length === 1 ? files[0] : undefined;
  const tooLarge = files.find((file) => file.size > LARGEST);
  const take = (list: FileList | null) => {
    read.reset();
    setFiles([...(list ?? [])]);
  };
  if (read.data)
    return (
      <Dialog title="A file as typed text" onClose={onClose} size="wide">
        <div className="mb-3 max-h-[45vh] overflow-auto rounded-md border border-line p-3">
          <ProseView content={read.data.content} />
        </div>
        <div className="flex items-center justify-between gap-3">
          <span className="text-soft">{plural(wordsOf(read.data.content), 'word')}</span>
          <Button
            look="act"
            onClick={() => {
              onText(read.data.content, read.variables.name);
              onClose();
            }}
          >
            Put the text on the page
          </Button>
        </div>
      </Dialog>
    );
  return (
    <Dialog title="Files" onClose={onClose}>
      <DropPlace onFiles={take} />
      {files.length > 0 && (
        <ul className="mb-3">
          {files.map((file) => (
            <li key={`${file.name} ${file.size}`} className="flex gap-3">
              <span className="min-w-0 flex-1 truncate">{file.name}</span>
              <span className="text-soft">{fileSize(file.size)}</span>
            </li>
          ))}
        </ul>
      )}
      {read.isPending && <p role="status">Reading…</p>}
      <Trouble>
        {tooLarge
          ? `“${tooLarge.name}” is larger than 200 MB. Make it smaller, or take the part that you need out of it.`
          : read.error?.message}
      </Trouble>
      <div className="flex flex-wrap gap-2">
        <Button
          look="act"
          disabled={files.length === 0 || !!tooLarge}
          onClick={() => {
            onFiles(files);
            onClose();
          }}
        >
          {files.length > 1 ? `Put ${files.length} files on the page` : 'Put it on the page'}
        </Button>
        {only && READ_AS_TEXT.test(only.name) && (
          <Button disabled={read.isPending} onClick={() => read.mutate(only)}>
            Read it as typed text
          </Button>
        )}
      </div>
    </Dialog>
  );
}

function DropPlace({ onFiles }: { onFiles: (files: FileList | null) => void }) {
  const [isOver, setOver] = useState(false);
  return (
    <label
      className={`mb-3 block cursor-pointer rounded-md border-2 border-dashed p-4 ${isOver ? 'border-petrol bg-petrol-wash' : 'border-line'}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        onFiles(event.dataTransfer.files);
      }}
    >
      <b>Choose files, or drop them here.</b>
      <span className="block text-soft">
        Slides, sheets, documents, anything up to 200 MB. The words in documents can become typed text.
      </span>
      <input
        type="file"
        multiple
        aria-label="Files to put on the page"
        className="mt-2 block w-full file:mr-3 file:min-h-8 file:cursor-pointer file:rounded-md file:border file:border-line file:bg-card file:px-3 file:font-semibold"
        onChange={(event) => onFiles(event.target.files)}
      />
    </label>
  );
}
