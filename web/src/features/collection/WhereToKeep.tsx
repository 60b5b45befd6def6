import { useQuery } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { Button, plural, TextField } from '../../ui';
import { collectionsQuery } from './queries';
import { useMakeCollection } from './useMakeCollection';

type Props = {
  keep: (collection: string) => Promise<unknown>;
  onKept: (collection: string) => void;
  isReady?: boolean;
};

/** The collections that something can be kept in, and the way to a new one. */
export function WhereToKeep({ keep, onKept, isReady = true }: Props) {
  const collections = useQuery(collectionsQuery).data ?? [];
  const make = useMakeCollection();
  const keepIn = async (collection: string) => {
    await keep(collection);
    onKept(collection);
  };
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    await keepIn(await make({ title: String(new FormData(event.currentTarget).get('title')) }));
  };
  return (
    <>
      <ul className="mb-4">
        {collections.map(({ id, title, items }) => (
          <li key={id} className="flex items-center gap-3 border-b border-line py-1.5">
            <span className="min-w-0 flex-1">
              <b>{title}</b> <span className="text-[13px] text-soft">{plural(items, 'thing')}</span>
            </span>
            <Button aria-label={`Keep it in ${title}`} disabled={!isReady} onClick={() => void keepIn(id)}>
              Keep it
            </Button>
          </li>
        ))}
      </ul>
      <form onSubmit={(event) => void submit(event)}>
        <TextField label="Or in a new collection" name="title" required maxLength={120} />
        <Button type="submit" disabled={!isReady}>
          Make it, and keep it there
        </Button>
      </form>
    </>
  );
}
