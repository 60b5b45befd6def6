import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { v7 as newId } from 'uuid';
import { api, unwrap } from '../../api';
import { Button, plural, TextField, Trouble } from '../../ui';
import { collectionsQuery } from './queries';

type Props = {
  keep: (collection: string) => Promise<unknown>;
  onKept: (collection: string) => void;
  isReady?: boolean;
};

/** The collections that something can be kept in, and the way to a new one. */
export function WhereToKeep({ keep, onKept, isReady = true }: Props) {
  const queries = useQueryClient();
  const collections = useQuery(collectionsQuery).data ?? [];
  const keeping = useMutation({
    mutationFn: keep,
    onSuccess: (_, collection) => {
      queries.invalidateQueries({ queryKey: ['collections'] });
      queries.invalidateQueries({ queryKey: ['collection', collection] });
      onKept(collection);
    },
  });
  const making = useMutation({
    mutationFn: async (title: string) => {
      const id = newId();
      await unwrap(
        api.PUT('/api/collections/{id}', { params: { path: { id } }, body: { title, purpose: '' } }),
      );
      return id;
    },
    onSuccess: (id) => keeping.mutate(id),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    making.mutate(String(new FormData(event.currentTarget).get('title')));
  };
  return (
    <>
      <Trouble>{keeping.error?.message ?? making.error?.message}</Trouble>
      <ul className="mb-4">
        {collections.map(({ id, title, items }) => (
          <li key={id} className="flex items-center gap-3 border-b border-line py-1.5">
            <span className="min-w-0 flex-1">
              <b>{title}</b> <span className="text-[13px] text-soft">{plural(items, 'thing')}</span>
            </span>
            <Button
              aria-label={`Keep it in ${title}`}
              disabled={!isReady || keeping.isPending}
              onClick={() => keeping.mutate(id)}
            >
              Keep it
            </Button>
          </li>
        ))}
      </ul>
      <form onSubmit={submit}>
        <TextField label="Or in a new collection" name="title" required maxLength={120} />
        <Button type="submit" disabled={!isReady || making.isPending}>
          Make it, and keep it there
        </Button>
      </form>
    </>
  );
}
