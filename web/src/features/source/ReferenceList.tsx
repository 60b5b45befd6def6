import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Dialog, Empty } from '../../ui';
import { referencesQuery } from './queries';
import { StyleField } from './StyleField';
import { useStyle } from './useStyle';

/** The things of a collection as a list of references, to be copied into a text. */
export function ReferenceList({ collection, onClose }: { collection: string; onClose: () => void }) {
  const { style, choose } = useStyle();
  const [isCopied, setCopied] = useState(false);
  const list = useQuery(referencesQuery(collection, style));
  const lines = list.data ?? [];
  const copy = async () => {
    await navigator.clipboard.writeText(lines.map(({ line }) => line).join('\n'));
    setCopied(true);
  };
  return (
    <Dialog title="References" onClose={onClose} size="wide">
      <StyleField
        style={style}
        onChoose={(next) => {
          void choose(next);
          setCopied(false);
        }}
      />
      {list.isSuccess && lines.length === 0 && (
        <Empty>
          Nothing here comes from elsewhere. Links are listed, and things of which you say where they come
          from.
        </Empty>
      )}
      <ol className="mb-3">
        {lines.map(({ id, line, inText }) => (
          <li key={id} className="border-b border-line py-2 last:border-0">
            <p className="pl-6 -indent-6 break-words">{line}</p>
            <p className="pl-6 text-[13px] text-soft">in the text: {inText}</p>
          </li>
        ))}
      </ol>
      <Button look="act" disabled={lines.length === 0} onClick={() => void copy()}>
        Copy the list
      </Button>
      <output aria-live="polite" className="ml-3 text-soft">
        {isCopied && 'Copied.'}
      </output>
    </Dialog>
  );
}
