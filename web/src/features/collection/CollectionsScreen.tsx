import { useMutation, useSuspenseQuery } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button, Card, ChoiceField, Empty, Heading, plural, TextField, Trouble } from '../../ui';
import { ShownList } from '../show';
import { CollectionBin } from './CollectionBin';
import { Cover } from './Cover';
import { collectionsQuery } from './queries';
import { useMakeCollection } from './useMakeCollection';

export function CollectionsScreen() {
  const collections = useSuspenseQuery(collectionsQuery).data;
  const making = useMakeCollection();
  const go = useNavigate();
  const make = useMutation({
    mutationFn: (form: FormData) =>
      making({
        title: String(form.get('title')),
        purpose: String(form.get('purpose')),
        like: String(form.get('like') ?? ''),
      }),
    onSuccess: (id) => go(`/collections/${id}`),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    make.mutate(new FormData(event.currentTarget));
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] max-w-5xl items-start gap-4 lg:grid-cols-[1fr_320px]">
      <div>
        <Heading name="Collections" />
        <Card>
          {collections.length === 0 && (
            <Empty>
              Gather links, notes, files and your own entries for a purpose: an essay, a paper, a question.
            </Empty>
          )}
          <ul>
            {collections.map((one) => (
              <li key={one.id}>
                <Link
                  to={`/collections/${one.id}`}
                  className="flex items-center gap-3 border-b border-line py-2 last:border-0 hover:text-petrol"
                >
                  <Cover coverId={one.coverId} kinds={one.kinds} className="size-13" />
                  <span className="flex-1">
                    <b>{one.title}</b>
                    <span className="block text-[13.5px] text-soft">{one.purpose}</span>
                  </span>
                  <span className="text-[13px] text-soft">{plural(one.items, 'thing')}</span>
                </Link>
              </li>
            ))}
          </ul>
        </Card>
        <ShownList />
      </div>
      <div className="grid gap-3 lg:mt-[38px]">
        <Card title="New collection">
          <form onSubmit={submit}>
            <Trouble>{make.error?.message}</Trouble>
            <TextField label="Title" name="title" required maxLength={120} />
            <TextField label="What it is for" name="purpose" maxLength={300} />
            {collections.length > 0 && (
              <ChoiceField label="With the details and views of" name="like">
                <option value="">no other collection</option>
                {collections.map(({ id, title }) => (
                  <option key={id} value={id}>
                    {title}
                  </option>
                ))}
              </ChoiceField>
            )}
            <Button look="act" type="submit">
              Make the collection
            </Button>
          </form>
        </Card>
        <CollectionBin />
      </div>
    </div>
  );
}
