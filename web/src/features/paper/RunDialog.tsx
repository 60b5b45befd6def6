import type { FormEvent } from 'react';
import { Button, Dialog, TextField, Trouble } from '../../ui';
import { namesIn } from './paperGrid';
import { usePaperActs } from './usePaperActs';

/** A run of years of papers, put on the list in one step. */
export function RunDialog({ notebook, onClose }: { notebook: string; onClose: () => void }) {
  const acts = usePaperActs(notebook, onClose);
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string) => String(form.get(name) ?? '');
    acts.setUp({
      firstYear: Number(text('first')),
      lastYear: Number(text('last')),
      sittings: namesIn(text('sittings')),
      papers: namesIn(text('papers')),
      variants: namesIn(text('variants')),
    });
  };
  const year = new Date().getFullYear();
  return (
    <Dialog title="A run of years" onClose={onClose}>
      <form onSubmit={submit}>
        <p className="mb-3 text-soft">What is on the list already stays as it is.</p>
        <Trouble>{acts.error?.message}</Trouble>
        <div className="grid grid-cols-2 gap-x-3">
          <TextField
            label="From"
            name="first"
            type="number"
            min={1990}
            max={2099}
            defaultValue={year - 3}
            required
          />
          <TextField
            label="To"
            name="last"
            type="number"
            min={1990}
            max={2099}
            defaultValue={year - 1}
            required
          />
        </div>
        <TextField
          label="Sittings"
          name="sittings"
          hint="Set apart by commas, such as summer, winter. Empty if there is one."
        />
        <TextField label="Papers" name="papers" defaultValue="1, 2" hint="Such as 1, 2, Practical" />
        <TextField label="Variants" name="variants" hint="Such as A, B. Empty if there are none." />
        <Button look="act" type="submit" disabled={acts.isPending}>
          Put them on the list
        </Button>
      </form>
    </Dialog>
  );
}
