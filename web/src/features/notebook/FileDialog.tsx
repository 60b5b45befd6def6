import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { readFileText } from '../../api';
import { Button, Dialog, plural, Trouble } from '../../ui';
import { ProseView, wordsOf } from '../text';

const READS = '.docx,.odt,.xlsx,.csv,.tsv,.md,.markdown,.html,.htm,.txt';

/** A file of another program, read as typed text: it is shown before it goes onto the page. */
export function FileDialog({
  onText,
  onClose,
}: {
  onText: (content: unknown, name: string) => void;
  onClose: () => void;
}) {
  const [isOver, setOver] = useState(false);
  const read = useMutation({ mutationFn: readFileText });
  const take = (file: File | undefined) => file && read.mutate(file);
  return (
    <Dialog title="A file as typed text" onClose={onClose} wide={!!read.data}>
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
          take(event.dataTransfer.files[0]);
        }}
      >
        <b>Choose a file, or drop it here.</b>
        <span className="block text-soft">
          DOCX, ODT, Markdown, HTML and text become text; XLSX and CSV become a table. Pictures stay behind.
        </span>
        <input
          type="file"
          accept={READS}
          aria-label="File to read"
          className="mt-2 block"
          onChange={(event) => take(event.target.files?.[0])}
        />
      </label>
      {read.isPending && <p role="status">Reading…</p>}
      <Trouble>{read.error?.message}</Trouble>
      {read.data && (
        <>
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
              Put it on the page
            </Button>
          </div>
        </>
      )}
    </Dialog>
  );
}
