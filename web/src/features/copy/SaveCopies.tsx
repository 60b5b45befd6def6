import { useState } from 'react';
import { Button, Trouble } from '../../ui';
import { CopyDialog } from './CopyDialog';
import { CopyLine } from './CopyLine';
import { copyName, PAPERS, PLAIN } from './copyForms';
import type { Thing } from './queries';
import { useCopies } from './useCopies';

const PAPER_NAMES = Object.keys(PAPERS) as (keyof typeof PAPERS)[];

/** The ways to a copy of something, and the copies of it that are made or wait to be saved. */
export function SaveCopies({ kind, of }: Thing) {
  const { copies, make, remove, saved } = useCopies({ kind, of });
  const [isOpen, setOpen] = useState(false);
  return (
    <div className="min-w-0 grow basis-full">
      <div className="flex flex-wrap gap-2">
        {PAPER_NAMES.map((paper) => (
          <Button key={paper} onClick={() => make.mutate({ ...PLAIN, paper })}>
            {copyName({ form: 'PDF', paper })}
          </Button>
        ))}
        <Button onClick={() => setOpen(true)}>Other forms</Button>
      </div>
      <Trouble>{(make.error ?? remove.error)?.message}</Trouble>
      <output aria-live="polite" className="text-soft">
        {saved && `“${saved}” is saved.`}
      </output>
      {copies.length > 0 && (
        <ul className="mt-1">
          {copies.map((copy) => (
            <CopyLine key={copy.id} copy={copy} onDelete={() => remove.mutate(copy.id)} />
          ))}
        </ul>
      )}
      {isOpen && (
        <CopyDialog
          onMake={(wish) => {
            make.mutate(wish);
            setOpen(false);
          }}
          onClose={() => setOpen(false)}
        />
      )}
    </div>
  );
}
