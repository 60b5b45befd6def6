import { useState } from 'react';
import type { Api } from '../../api';
import { Button, Dialog, Menu, MenuItem, Trouble } from '../../ui';
import { SetWorkForm } from './SetWorkForm';
import { useTakingBack } from './useTakingBack';
import { WordField } from './WordField';

/** What a teacher does with what was asked: change it, or ask for it no longer. */
export function SetWorkActs({ work, begun }: { work: Api['SetWorkView']; begun: number }) {
  const { takeBack, askAgain } = useTakingBack();
  const [open, setOpen] = useState<'change' | 'take-back'>();
  const close = () => setOpen(undefined);
  const take = (word: string) => takeBack.mutate({ work, word }, { onSuccess: close });
  if (work.takenBack)
    return (
      <p className="flex flex-wrap items-baseline gap-2 text-brass">
        The class is asked for this no longer.
        <Button onClick={() => askAgain.mutate(work)}>Ask again</Button>
      </p>
    );
  return (
    <>
      <Menu name="More" label={`More about ${work.title}`}>
        <MenuItem onSelect={() => setOpen('change')}>Change what is asked</MenuItem>
        <MenuItem onSelect={() => (begun > 0 ? setOpen('take-back') : take(''))}>Take it back</MenuItem>
      </Menu>
      <Trouble>{takeBack.error?.message}</Trouble>
      {open === 'change' && (
        <Dialog title="Change what is asked" onClose={close}>
          <SetWorkForm work={work} begun={begun} onDone={close} />
        </Dialog>
      )}
      {open === 'take-back' && (
        <Dialog title={`Take back “${work.title}”`} onClose={close}>
          <form
            onSubmit={(event) => {
              event.preventDefault();
              take(String(new FormData(event.currentTarget).get('word')));
            }}
          >
            <p className="mb-3">It is asked for no longer. What was handed in for it stays.</p>
            <WordField begun={begun} />
            <Button look="act" type="submit" disabled={takeBack.isPending}>
              Take it back
            </Button>
          </form>
        </Dialog>
      )}
    </>
  );
}
