import { useQuery } from '@tanstack/react-query';
import { type DragEvent, useMemo, useState } from 'react';
import { Card, Heading } from '../../ui';
import { checkSeal } from './checkSeal';
import { FindingView } from './FindingView';
import type { Key } from './finding';
import { sealKeysQuery } from './queries';

type Dropped = { name: string; content: Uint8Array };

const NO_KEYS: Key[] = [];

/** Anybody drops a package or PDF here and learns what was sealed, when, by whom, and whether a byte of it differs. */
export function SealScreen() {
  const keys = useQuery(sealKeysQuery);
  const [dropped, setDropped] = useState<Dropped>();
  const [isOver, setOver] = useState(false);
  const known = keys.data ?? NO_KEYS;
  const finding = useMemo(() => dropped && checkSeal(dropped.content, known), [dropped, known]);
  const check = async (file: File | undefined) => {
    if (!file) return;
    setDropped({ name: file.name, content: new Uint8Array(await file.arrayBuffer()) });
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    check(event.dataTransfer.files[0]);
  };
  return (
    <div className="mx-auto max-w-2xl">
      <Heading name="Check a seal" className="text-[24px]" />
      <p className="mb-3 text-soft">
        What was handed in can be saved as a PDF or as a package with every part of it. Drop it here to see
        whether anything in it differs from what was sealed. It is worked out on this device; nothing is sent.
      </p>
      <label
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
        className={`block cursor-pointer rounded-md border-2 border-dashed bg-card px-5 py-10 text-center focus-within:border-petrol ${isOver ? 'border-petrol' : 'border-line'}`}
      >
        <span className="font-semibold text-petrol">Choose a PDF or package</span> or drop it here
        <input
          type="file"
          accept=".pdf,.zip,application/pdf,application/zip"
          className="sr-only"
          onChange={(event) => check(event.target.files?.[0])}
        />
      </label>
      {dropped && finding && !keys.isLoading && (
        <Card title={dropped.name} className="mt-4">
          <FindingView finding={finding} areKeysKnown={keys.isSuccess} />
        </Card>
      )}
    </div>
  );
}
