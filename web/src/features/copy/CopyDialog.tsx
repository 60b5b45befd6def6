import { useState } from 'react';
import { Button, Dialog, Radios, Tick } from '../../ui';
import { type CopyWish, FORMS, GOOD_FOR, PAPERS, PLAIN, SOUNDS } from './copyForms';

/** Asks in which form a copy is wanted. */
export function CopyDialog({ onMake, onClose }: { onMake: (wish: CopyWish) => void; onClose: () => void }) {
  const [wish, setWish] = useState<CopyWish>(PLAIN);
  const change = (part: Partial<CopyWish>) => setWish({ ...wish, ...part });
  return (
    <Dialog title="Save a copy" onClose={onClose}>
      <Radios label="Form" values={FORMS} value={wish.form} onChoose={(form) => change({ form })} />
      <p className="mb-3 text-soft">{GOOD_FOR[wish.form]}</p>
      {wish.form === 'PDF' && <PdfFields wish={wish} onChange={change} />}
      <Button look="act" className="mt-3" onClick={() => onMake(wish)}>
        Make it
      </Button>
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
