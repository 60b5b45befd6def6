import { useMemo } from 'react';
import type { Api } from '../../api';
import type { Collection } from './details';
import type { Look } from './look';
import { ViewReading } from './ViewReading';

type Content = {
  name?: string;
  seen?: { look: Look; collection: Collection; views: Api['ViewsOfCollection'] };
};

/** A view of a collection as it was when its page was sealed. */
export function SealedView({ content }: { content: unknown }) {
  const { name, seen } = content as Content;
  const collection = useMemo(() => seen && withoutFiles(seen.collection), [seen]);
  return (
    <div>
      <h3 className="mb-1 font-semibold">{name}</h3>
      {seen && collection ? (
        <ViewReading collection={collection} views={seen.views} look={seen.look} />
      ) : (
        <p className="text-soft">Its collection was in the bin.</p>
      )}
    </div>
  );
}

/** Pictures went along with the version; files and clips stayed with the collection. */
const withoutFiles = (collection: Collection): Collection => ({
  ...collection,
  items: collection.items.map((item) => ({
    ...item,
    media: item.media?.kind === 'PHOTO' ? item.media : undefined,
    card: item.card && { ...item.card, clip: undefined },
    marks: [],
  })),
});
