import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Dialog, Radios, Tick, Trouble } from '../../ui';
import { type CopyWish, copyAddress, FORMS, GOOD_FOR, PAPERS, PLAIN, SOUNDS } from './copyForms';
import { savedFrom } from './savedFrom';

/** The way to a copy in any form: `base` is the address of the version or section that is copied. */
export function SaveCopy({ base }: { base: string }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Other forms</Button>
      {isOpen && <CopyDialog base={base} onClose={() => setOpen(false)} />}
    </>
  );
}

function CopyDialog({ base, onClose }: { base: string; onClose: () => void }) {
  const [wish, setWish] = useState<CopyWish>(PLAIN);
  const change = (part: Partial<CopyWish>) => {
    save.reset();
    setWish({ ...wish, ...part });
  };
  const save = useMutation({ mutationFn: () => savedFrom(copyAddress(base, wish)) });
  return (
    <Dialog title="Save a copy" onClose={onClose}>
      <Radios label="Form" values={FORMS} value={wish.form} onChoose={(form) => change({ form })} />
      <p className="mb-3 text-soft">{GOOD_FOR[wish.form]}</p>
      {wish.form === 'PDF' && <PdfFields wish={wish} onChange={change} />}
      <Trouble>{save.error?.message}</Trouble>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <Button look="act" disabled={save.isPending} onClick={() => save.mutate()}>
          Save it
        </Button>
        <output aria-live="polite" className="text-soft">
          {save.isPending && 'It is being made…'}
          {save.data && `“${save.data}” is saved.`}
        </output>
      </div>
    </Dialog>
  );
}

function PdfFields({ wish, onChange }: { wish: CopyWish; onChange: (part: Partial<CopyWish>) => void }) {
  return (
    <>
      <Radios
        label="Paper"
        isLabelled
        values={PAPERS}
        value={wish.paper}
        onChoose={(paper) => onChange({ paper })}
      />
      <Radios
        label="Sounds"
        isLabelled
        values={SOUNDS}
        value={wish.sounds}
        onChoose={(sounds) => onChange({ sounds })}
      />
      <Tick checked={wish.isBook} onChange={(event) => onChange({ isBook: event.target.checked })}>
        A title page and the contents in front
      </Tick>
      <Tick checked={wish.isTwoUp} onChange={(event) => onChange({ isTwoUp: event.target.checked })}>
        Two pages on each sheet, for printing
      </Tick>
    </>
  );
}
