import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { Button, Card, ChoiceField, Heading, plural, Trouble } from '../../ui';
import { dueLine } from '../setwork';
import { CheckLines } from './CheckLines';
import { PagesToSend } from './PagesToSend';
import { aimBy, type Picked, pickedBy, searchFor } from './picked';
import { previewQuery, readyQuery } from './queries';
import { SealedContent } from './SealedContent';
import { SealedPages } from './SealedPages';
import { useSealing } from './useSealing';
import { WhatGoesOut } from './WhatGoesOut';
import { WithIt } from './WithIt';
import { STATE_WORDS, versionName } from './words';

/** The choice that asks for no set work. */
const UNASKED = 'unasked';

/** The check before a hand-in: what is missing, where to mend it, what goes along; then seal and send, or have a draft looked at. */
export function HandInScreen() {
  const { notebook = '', section } = useParams();
  const [search, setSearch] = useSearchParams();
  const picked = pickedBy(search, notebook, section);
  const ready = useSuspenseQuery(readyQuery(picked, aimBy(search))).data;
  const { to } = ready;
  const [isLooking, setLooking] = useState(false);
  const sealing = useSealing(ready);
  const { with: manner, change } = sealing;
  const pick = (next: Picked) => setSearch(searchFor(next, aimBy(search)));
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_372px]">
      <div className="min-w-0">
        <Heading name={`Hand in “${ready.title}”`} className="text-[24px]" />
        <p className="mb-3 text-soft">
          {plural(ready.pages, 'page')} ·{' '}
          {to.setWork
            ? `for ${to.teacher}'s ${to.setWork.title} · ${dueLine(to.setWork)}`
            : `for ${to.teacher}, who has not asked for it · ${to.className}`}
        </p>
        {isLooking ? (
          <Look picked={picked} along={manner.along} />
        ) : (
          <Card>
            <CheckLines
              ready={ready}
              notebook={notebook}
              isFitted={manner.fitted}
              onFit={() => change({ fitted: true })}
            />
          </Card>
        )}
        <Trouble>{sealing.trouble}</Trouble>
        <Send sealing={sealing} />
      </div>
      <div className="grid gap-3">
        <Card title="For">
          <ChoiceField
            label="What your teacher asked for"
            value={to.setWork?.id ?? UNASKED}
            onChange={({ target: { value } }) =>
              setSearch(searchFor(picked, value === UNASKED ? { unasked: true } : { setWork: value }))
            }
          >
            {ready.choices.map((work) => (
              <option key={work.id} value={work.id}>
                {work.title}
              </option>
            ))}
            <option value={UNASKED}>Nothing: I send it by myself</option>
          </ChoiceField>
          {!picked.monday && !picked.book && !picked.collection && (
            <PagesToSend notebook={notebook} picked={picked} onPick={pick} />
          )}
        </Card>
        <WithIt ready={ready} manner={manner} onChange={change} />
        <WhatGoesOut
          ready={ready}
          isFitted={manner.fitted}
          isLooking={isLooking}
          onLook={() => setLooking(!isLooking)}
        />
        <Card title="After sealing">
          <p className="text-soft">
            {to.teacher} reads this version as it is now. You can go on working; your pages stay yours. You
            can take it back until it is opened.
          </p>
        </Card>
      </div>
    </div>
  );
}

/** The work exactly as it will be read. */
function Look({ picked, along }: { picked: Picked; along: ReturnType<typeof useSealing>['with']['along'] }) {
  const preview = useQuery(previewQuery(picked, along));
  if (preview.error) return <Trouble>{preview.error.message}</Trouble>;
  if (!preview.data) return <p className="text-soft">Opening…</p>;
  return (
    <SealedPages
      version={preview.data}
      entry={(_, entry) => (
        <>
          <SealedContent entry={entry} remarks={[]} />
          <p className="mt-0.5 text-[13px] text-soft">
            {entry.caption} <b className="text-petrol">{entry.codes.join(' ')}</b>
          </p>
        </>
      )}
    />
  );
}

/** The ways to send it, or what has to happen before. */
function Send({ sealing }: { sealing: ReturnType<typeof useSealing> }) {
  const { ready, missing, isPending, seal } = sealing;
  const { handIn, draft } = ready;
  return (
    <div className="mt-3.5 flex flex-wrap items-center gap-2.5">
      {handIn.canSeal ? (
        <>
          <Button
            look="act"
            className="min-h-9"
            disabled={missing > 0 || isPending}
            onClick={() => seal('HAND_IN', false)}
          >
            Seal version {handIn.version} and send
          </Button>
          {missing > 0 && (
            <Button className="min-h-9" disabled={isPending} onClick={() => seal('HAND_IN', true)}>
              Send with {plural(missing, 'thing')} missing
            </Button>
          )}
        </>
      ) : (
        <StillThere last={handIn.last} />
      )}
      {draft.canSeal ? (
        <Button look="quiet" className="min-h-9" disabled={isPending} onClick={() => seal('DRAFT', true)}>
          Send a draft to be looked at
        </Button>
      ) : (
        <StillThere last={draft.last} />
      )}
    </div>
  );
}

/** What is still with the teacher, with the way to it. */
function StillThere({ last }: { last: ReturnType<typeof useSealing>['ready']['handIn']['last'] }) {
  if (!last) return null;
  return (
    <p>
      {versionName(last)} is {STATE_WORDS[last.state]}.{' '}
      <Link to={`/versions/${last.id}`} className="font-semibold text-petrol hover:underline">
        Look at it, or take it back
      </Link>
    </p>
  );
}
