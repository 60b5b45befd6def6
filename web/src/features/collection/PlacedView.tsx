import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { lookedAtQuery, ViewReading } from '../view';
import { collectionQuery } from './queries';

type Content = { collection: string; view?: string; name: string };

/** A view of one's own collection on a page: always as it is now. */
export function PlacedView({ content }: { content: unknown }) {
  const { collection: id, view: wanted, name } = content as Content;
  const collection = useQuery({ ...collectionQuery(id), retry: false });
  const views = useQuery({ ...lookedAtQuery(id), retry: false });
  if (collection.isError || views.isError)
    return (
      <p className="text-soft">
        <b className="text-ink">{name}</b>: its collection is in the bin or can’t be reached.
      </p>
    );
  if (!collection.data || !views.data) return <p className="text-soft">Opening {name}…</p>;
  const view = views.data.views.find((one) => one.id === wanted);
  return (
    <div className="@container">
      <h3 className="mb-1 font-semibold">
        <Link
          to={`/collections/${id}?as=${(view?.look.shape ?? 'LIST').toLowerCase()}`}
          className="inline-block min-h-6 text-petrol hover:underline"
        >
          {collection.data.title}
        </Link>
        {view && <span className="font-normal text-soft"> · {view.name}</span>}
      </h3>
      <ViewReading
        key={JSON.stringify(view?.look)}
        collection={collection.data}
        views={views.data}
        look={view?.look}
      />
    </div>
  );
}
