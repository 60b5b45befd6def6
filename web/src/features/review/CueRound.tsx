import { useQueryClient } from '@tanstack/react-query';
import { Fragment, type ReactNode, useState } from 'react';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import { Button, useKeys } from '../../ui';
import { reviewQuery } from './queries';

type Cue = Api['CueView'];
type Props = {
  page: Api['PageView'];
  cues: Cue[];
  showEntry: (entry: Api['EntryView']) => ReactNode;
  onEnd: () => void;
};

/** Cues one at a time: answer aloud, look, say whether you knew it; what was asked is kept when the round ends. */
export function CueRound({ page, cues, showEntry, onEnd }: Props) {
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  const [round] = useState(cues);
  const [asked, setAsked] = useState<{ cue: string; isKnown: boolean }[]>([]);
  const [isShown, setShown] = useState(false);
  const cue = round[asked.length];
  const keep = async (all: typeof asked) => {
    if (all.length === 0) return;
    await outbox.act({
      pageId: page.id,
      method: 'POST',
      path: `/api/pages/${page.id}/rounds`,
      body: { asked: all },
    });
    queries.setQueryData(reviewQuery(page.id).queryKey, (now) => now && withAnswers(now, all));
  };
  const answer = (isKnown: boolean) => {
    if (!cue || !isShown) return;
    const all = [...asked, { cue: cue.cue, isKnown }];
    setAsked(all);
    setShown(false);
    if (all.length === round.length) void keep(all);
  };
  useKeys({ ' ': () => setShown(true), y: () => answer(true), n: () => answer(false) });
  if (!cue)
    return (
      <div role="status">
        <p className="mb-3 text-[18px]">
          {asked.filter((one) => one.isKnown).length} of {round.length} known.
        </p>
        <p className="mb-4 text-soft">
          A topic counts as looked at again when you knew every cue of it. What you did not know yet comes
          first next time.
        </p>
        <Button look="act" onClick={onEnd}>
          Back to the folded page
        </Button>
      </div>
    );
  const entries = cue.answers.flatMap((id) => page.entries.filter((entry) => entry.id === id));
  return (
    <div>
      <p className="mb-1 text-[13px] text-soft" aria-live="polite">
        {asked.length + 1} of {round.length}
        {cue.wasKnown === false && ' · not known last time'}
      </p>
      <p className="mb-4 text-[19px] font-semibold text-petrol">{cue.words}</p>
      {isShown ? (
        <>
          <div className="mb-4 border-l-[3px] border-line pl-3">
            {entries.map((entry) => (
              <Fragment key={entry.id}>{showEntry(entry)}</Fragment>
            ))}
          </div>
          <div className="flex gap-2">
            <Button look="act" hotkey="Y" onClick={() => answer(true)}>
              Knew it
            </Button>
            <Button hotkey="N" onClick={() => answer(false)}>
              Not yet
            </Button>
          </div>
        </>
      ) : (
        <div className="flex gap-2">
          <Button look="act" hotkey="Space" onClick={() => setShown(true)}>
            Show the notes
          </Button>
          <Button
            onClick={() => {
              void keep(asked);
              onEnd();
            }}
          >
            Stop here
          </Button>
        </div>
      )}
    </div>
  );
}

const withAnswers = (review: Api['ReviewView'], asked: { cue: string; isKnown: boolean }[]) => ({
  ...review,
  cues: review.cues.map((cue) => ({
    ...cue,
    wasKnown: asked.find((one) => one.cue === cue.cue)?.isKnown ?? cue.wasKnown,
  })),
});
