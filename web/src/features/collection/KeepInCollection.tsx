import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';
import { Button, Dialog, plural, TextField, Trouble } from '../../ui';
import { collectionsQuery } from './queries';

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
  const queries = useQueryClient();
  const collections = useQuery(collectionsQuery).data ?? [];
  const [into, setInto] = useState<string>();
  const keep = useMutation({
    mutationFn: async (collection: string) => {
      for (const { id, name } of entries)
        await unwrap(
          api.PUT('/api/collections/{id}/items/{item}', {
            params: { path: { id: collection, item: newId() } },
            body: { kind: 'ENTRY', title: name.slice(0, LONGEST_NAME) || 'An entry', note: '', entryId: id },
          }),
        );
      return collection;
    },
    onSuccess: (collection) => {
      queries.invalidateQueries({ queryKey: ['collections'] });
      queries.invalidateQueries({ queryKey: ['collection', collection] });
      setInto(collection);
    },
  });
  const make = useMutation({
    mutationFn: async (title: string) => {
      const id = newId();
      await unwrap(
        api.PUT('/api/collections/{id}', { params: { path: { id } }, body: { title, purpose: '' } }),
      );
      return id;
    },
    onSuccess: (id) => keep.mutate(id),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    make.mutate(String(new FormData(event.currentTarget).get('title')));
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
      <Trouble>{keep.error?.message ?? make.error?.message}</Trouble>
      <ul className="mb-4">
        {collections.map(({ id, title, items }) => (
          <li key={id} className="flex items-center gap-3 border-b border-line py-1.5">
            <span className="min-w-0 flex-1">
              <b>{title}</b> <span className="text-[13px] text-soft">{plural(items, 'thing')}</span>
            </span>
            <Button
              aria-label={`Keep it in ${title}`}
              disabled={keep.isPending}
              onClick={() => keep.mutate(id)}
            >
              Keep it
            </Button>
          </li>
        ))}
      </ul>
      <form onSubmit={submit}>
        <TextField label="Or in a new collection" name="title" required maxLength={120} />
        <Button type="submit" disabled={make.isPending}>
          Make it, and keep it there
        </Button>
      </form>
    </Dialog>
  );
}
