import { useState } from 'react';
import type { Api } from '../../api';
import { Button, Dialog, Menu, MenuItem, Trouble } from '../../ui';
import { SetWorkForm } from './SetWorkForm';
import { useTakingBack } from './useTakingBack';

/** What a teacher does with what was asked: change it, or ask for it no longer. */
export function SetWorkActs({ work }: { work: Api['SetWorkView'] }) {
  const { takeBack, askAgain } = useTakingBack();
  const [isChanging, setChanging] = useState(false);
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
        <MenuItem onSelect={() => setChanging(true)}>Change what is asked</MenuItem>
        <MenuItem onSelect={() => takeBack.mutate(work)}>Take it back</MenuItem>
      </Menu>
      <Trouble>{takeBack.error?.message}</Trouble>
      {isChanging && (
        <Dialog title="Change what is asked" onClose={() => setChanging(false)}>
          <SetWorkForm work={work} onDone={() => setChanging(false)} />
        </Dialog>
      )}
    </>
  );
}
