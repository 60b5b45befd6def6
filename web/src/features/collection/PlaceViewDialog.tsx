import { useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { Button, ChoiceField, Dialog, Empty } from '../../ui';
import { lookedAtQuery } from '../view';
import { collectionsQuery } from './queries';

type Props = {
  onPlace: (view: { collection: string; view?: string; name: string }) => void;
  onClose: () => void;
};

/** Chooses a collection, and one of its kept views, for a page. */
export function PlaceViewDialog({ onPlace, onClose }: Props) {
  const collections = useQuery(collectionsQuery).data;
  const [chosen, setChosen] = useState<string>();
  const [wanted, setWanted] = useState<string>();
  const collection = collections?.find(({ id }) => id === chosen) ?? collections?.[0];
  const views = useQuery({ ...lookedAtQuery(collection?.id ?? ''), enabled: !!collection }).data?.views ?? [];
  const view = wanted === '' ? undefined : (views.find(({ id }) => id === wanted) ?? views[0]);
  const place = (event: FormEvent) => {
    event.preventDefault();
    if (!collection) return;
    onPlace({
      collection: collection.id,
      view: view?.id,
      name: view ? `${collection.title}: ${view.name}` : collection.title,
    });
    onClose();
  };
  return (
    <Dialog title="A view of a collection" onClose={onClose}>
      {collections?.length === 0 ? (
        <Empty>
          You have no collection yet.{' '}
          <Link to="/collections" className="text-petrol underline">
            Make one
          </Link>
        </Empty>
      ) : (
        <form onSubmit={place}>
          <p className="mb-3 text-soft">
            It stands on the page as it is now, always. In what you hand in it stays as it was.
          </p>
          <ChoiceField
            label="Collection"
            value={collection?.id ?? ''}
            onChange={({ target: { value } }) => setChosen(value)}
          >
            {collections?.map(({ id, title }) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </ChoiceField>
          <ChoiceField
            label="View"
            value={view?.id ?? ''}
            onChange={({ target: { value } }) => setWanted(value)}
          >
            {views.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
            <option value="">All of it, as a list</option>
          </ChoiceField>
          <Button look="act" type="submit" disabled={!collection}>
            Put it on the page
          </Button>
        </form>
      )}
    </Dialog>
  );
}
