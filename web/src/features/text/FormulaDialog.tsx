import type { Editor } from '@tiptap/react';
import { type FormEvent, useState } from 'react';
import { Button, Dialog, TextField } from '../../ui';
import { FormulaView } from './FormulaView';

/** A formula that is there already, with its place in the text; or a new one where the cursor stands. */
export type FormulaPlace = { tex: string; at?: number; isOwnLine: boolean };

type Props = { editor: Editor; place: FormulaPlace; onClose: () => void };

/** A formula typed as TeX, shown as it will stand while it is typed. */
export function FormulaDialog({ editor, place, onClose }: Props) {
  const [tex, setTex] = useState(place.tex);
  const [isOwnLine, setOwnLine] = useState(place.isOwnLine);
  const keep = (event: FormEvent) => {
    event.preventDefault();
    put(editor, { ...place, tex: tex.trim(), isOwnLine });
    onClose();
  };
  return (
    <Dialog title="Formula" onClose={onClose}>
      <form onSubmit={keep}>
        <TextField
          label="TeX"
          value={tex}
          maxLength={2000}
          placeholder="v = \frac{2d}{t}"
          spellCheck={false}
          autoComplete="off"
          onChange={(event) => setTex(event.target.value)}
          hint="^ raises, _ lowers, \frac{a}{b} divides, \sqrt{x} takes the root."
        />
        <div className="mb-3 min-h-14 overflow-x-auto rounded-md border border-line p-3" aria-live="polite">
          {tex.trim() && <FormulaView tex={tex} isOwnLine={isOwnLine} />}
        </div>
        {place.at === undefined && (
          <label className="mb-3 flex items-center gap-2">
            <input
              type="checkbox"
              checked={isOwnLine}
              onChange={(event) => setOwnLine(event.target.checked)}
            />
            On a line of its own
          </label>
        )}
        <Button look="act" type="submit">
          {place.at === undefined ? 'Put it in' : 'Change it'}
        </Button>
      </form>
    </Dialog>
  );
}

/** Writes the formula to its place; one that was emptied goes away. */
function put(editor: Editor, { tex: latex, at: pos, isOwnLine }: FormulaPlace) {
  const chain = editor.chain().focus();
  if (pos === undefined && !latex) return;
  if (pos === undefined)
    (isOwnLine ? chain.insertBlockMath({ latex }) : chain.insertInlineMath({ latex })).run();
  else if (latex)
    (isOwnLine ? chain.updateBlockMath({ latex, pos }) : chain.updateInlineMath({ latex, pos })).run();
  else (isOwnLine ? chain.deleteBlockMath({ pos }) : chain.deleteInlineMath({ pos })).run();
}
