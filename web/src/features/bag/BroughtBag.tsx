import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import type { Api } from '../../api';
import { AtWork, Button, plural, Trouble } from '../../ui';

type Props = { bag: Api['BroughtBagView']; onTake: () => void; onDelete: () => void };

/** A bag that was brought in: how far it is, what is in it or wrong with it, and what can be done. */
export function BroughtBag({ bag, onTake, onDelete }: Props) {
  useShownWhenTaken(bag.state);
  return (
    <li className="border-t border-line/60 py-2.5">
      <div className="flex flex-wrap items-start gap-x-3 gap-y-1">
        <span className="min-w-0 flex-1 font-bold break-words">{bag.found.description || bag.name}</span>
        {bag.state === 'WHOLE' && !isAllHere(bag) && (
          <Button look="act" onClick={onTake}>
            Take it in
          </Button>
        )}
        {bag.state !== 'TAKING' && (
          <Button look="quiet" onClick={onDelete} aria-label={`Delete the bag ${bag.name}`}>
            {bag.state === 'TAKEN' ? 'Done' : 'Delete'}
          </Button>
        )}
      </div>
      {bag.state === 'LOOKING' && <AtWork share={bag.share}>It is being looked through.</AtWork>}
      {bag.state === 'TAKING' && (
        <AtWork share={bag.share}>It is being taken in. You can leave this screen.</AtWork>
      )}
      {bag.state === 'WHOLE' && <WhatIsIn bag={bag} />}
      {bag.state === 'DAMAGED' && <Damage found={bag.found} />}
      {bag.state === 'TAKEN' && <Taken found={bag.found} />}
      {bag.state === 'FAILED' && <Trouble>{bag.words}</Trouble>}
    </li>
  );
}

/** What was taken in is on every screen at once. */
function useShownWhenTaken(state: Api['BroughtBagView']['state']) {
  const queries = useQueryClient();
  const last = useRef(state);
  useEffect(() => {
    if (state === 'TAKEN' && last.current !== state) queries.invalidateQueries();
    last.current = state;
  }, [state, queries]);
}

const isAllHere = ({ found }: Api['BroughtBagView']) =>
  found.notebooks.length > 0 && found.notebooks.every(({ isHere }) => isHere);

function WhatIsIn({ bag }: { bag: Api['BroughtBagView'] }) {
  const { found } = bag;
  return (
    <div className="mt-1">
      <p>
        Every file is whole. {plural(found.notebooks.length, 'notebook')}, {plural(found.pages, 'page')},{' '}
        {plural(found.entries, 'entry', 'entries')},{' '}
        {plural(found.media, 'photo, sound or file', 'photos, sounds and files')},{' '}
        {plural(found.collections, 'collection')}, {plural(found.versions, 'sealed version')}.
      </p>
      <ul className="mt-1 text-[14px]">
        {found.notebooks.map(({ title, isHere }, at) => (
          <li key={at}>
            {title}
            {isHere && <span className="text-soft"> · is here already and stays as it is</span>}
          </li>
        ))}
      </ul>
      {isAllHere(bag) && <p className="mt-1 text-soft">There is nothing new in it.</p>}
    </div>
  );
}

function Damage({ found }: { found: Api['Found'] }) {
  return (
    <div className="mt-1">
      <Trouble>
        This bag is damaged, so nothing of it was taken in. Fetch it once more from where it was made.
      </Trouble>
      <ul className="text-[14px]">
        {found.faults.map(({ path, words }) => (
          <li key={path} className="break-words">
            <b>{path}</b> {words}
          </li>
        ))}
      </ul>
      {found.moreFaults > 0 && <p className="text-soft">And {found.moreFaults} more.</p>}
    </div>
  );
}

function Taken({ found }: { found: Api['Found'] }) {
  return (
    <div role="status" className="mt-1">
      <p className="font-semibold text-moss">It is all here now.</p>
      {found.versions > 0 && (
        <p>
          {found.sealsHold} of {plural(found.versions, 'seal')} that came along hold.
        </p>
      )}
      {found.lost > 0 && (
        <p>
          {plural(found.lost, 'notch', 'notches')} could not be kept: the syllabus here has those points no
          more.
        </p>
      )}
    </div>
  );
}
