import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Api } from '../../api';
import { Button, Dialog, plural, TextButton, Tick } from '../../ui';
import { collectionsQuery } from './queries';
import { usePut } from './usePut';
import { WhereToKeep } from './WhereToKeep';

/** What is kept, with the name by which it stands in a collection (its own where that is blank). */
export type Kept = Pick<Api['ItemBody'], 'kind' | 'title' | 'entryId' | 'leadsTo' | 'url'>;

export const keptEntry = (id: string, title: string): Kept => ({
  kind: 'ENTRY',
  entryId: id,
  title: title || 'An entry',
});

/** Keeps something in a collection that is there, or in a new one; of several things, those that are ticked. */
export function KeepInCollection({ things, name }: { things: Kept[]; name: string }) {
  const [isOpen, setOpen] = useState(false);
  if (things.length === 0) return null;
  return (
    <>
      <TextButton onClick={() => setOpen(true)}>{name}</TextButton>
      {isOpen && <KeepDialog things={things} onClose={() => setOpen(false)} />}
    </>
  );
}

function KeepDialog({ things, onClose }: { things: Kept[]; onClose: () => void }) {
  const collections = useQuery(collectionsQuery).data ?? [];
  const put = usePut();
  const [into, setInto] = useState<string>();
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  const wished = things.filter((thing) => !leftOut.has(keyOf(thing)));
  const keep = async (collection: string) => {
    for (const thing of wished) await put(collection, { ...thing, note: '' });
  };
  if (into)
    return (
      <Dialog title="Kept" onClose={onClose}>
        <p className="mb-3">
          {plural(wished.length, 'thing')} kept in “{collections.find(({ id }) => id === into)?.title}”.
        </p>
        <Button look="act" onClick={onClose}>
          Done
        </Button>
      </Dialog>
    );
  return (
    <Dialog title="Keep in a collection" onClose={onClose}>
      {things.length > 1 && (
        <fieldset className="mb-3 max-h-[30vh] overflow-auto border-b border-line pb-2">
          <legend className="mb-1 font-semibold">
            {wished.length} of {plural(things.length, 'thing')}
          </legend>
          {things.map((thing) => (
            <Tick
              key={keyOf(thing)}
              checked={!leftOut.has(keyOf(thing))}
              onChange={({ target: { checked } }) => setLeftOut(toggled(leftOut, keyOf(thing), checked))}
            >
              <span className="min-w-0 truncate">{thing.title}</span>
            </Tick>
          ))}
        </fieldset>
      )}
      <WhereToKeep keep={keep} onKept={setInto} isReady={wished.length > 0} />
    </Dialog>
  );
}

const keyOf = ({ entryId, leadsTo, url }: Kept): string => entryId ?? leadsTo ?? url ?? '';

const toggled = (leftOut: ReadonlySet<string>, key: string, isKept: boolean): ReadonlySet<string> =>
  new Set(isKept ? [...leftOut].filter((one) => one !== key) : [...leftOut, key]);
