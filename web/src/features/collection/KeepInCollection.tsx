import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';
import { Button, Dialog, plural } from '../../ui';
import { collectionsQuery } from './queries';
import { WhereToKeep } from './WhereToKeep';

/** An entry with the name by which it stands in a collection. */
export type Kept = { id: string; name: string };

/** As long as a name in a collection. */
const LONGEST_NAME = 120;

/** Keeps entries of one's own in a collection that is there, or in a new one. */
export function KeepInCollection({ entries, name }: { entries: Kept[]; name: string }) {
  const [isOpen, setOpen] = useState(false);
  if (entries.length === 0) return null;
  return (
    <>
      <button
        type="button"
        className="inline-flex min-h-7 items-center text-[13.5px] font-semibold text-petrol hover:underline"
        onClick={() => setOpen(true)}
      >
        {name}
      </button>
      {isOpen && <KeepDialog entries={entries} onClose={() => setOpen(false)} />}
    </>
  );
}

function KeepDialog({ entries, onClose }: { entries: Kept[]; onClose: () => void }) {
  const collections = useQuery(collectionsQuery).data ?? [];
  const [into, setInto] = useState<string>();
  const keep = async (collection: string) => {
    for (const { id, name } of entries)
      await unwrap(
        api.PUT('/api/collections/{id}/items/{item}', {
          params: { path: { id: collection, item: newId() } },
          body: { kind: 'ENTRY', title: name.slice(0, LONGEST_NAME) || 'An entry', note: '', entryId: id },
        }),
      );
  };
  if (into)
    return (
      <Dialog title="Kept" onClose={onClose}>
        <p className="mb-3">
          {plural(entries.length, 'entry', 'entries')} kept in “
          {collections.find(({ id }) => id === into)?.title}”.
        </p>
        <Button look="act" onClick={onClose}>
          Done
        </Button>
      </Dialog>
    );
  return (
    <Dialog title="Keep in a collection" onClose={onClose}>
      <WhereToKeep keep={keep} onKept={setInto} />
    </Dialog>
  );
}
