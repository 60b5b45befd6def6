import { useSuspenseQuery } from '@tanstack/react-query';
import { Button, Card, moment, Trouble } from '../../ui';
import { collectionBinQuery } from './queries';
import { useRestore } from './useRestore';

/** What was deleted of collections in the last 30 days; nothing where nothing was. */
export function CollectionBin() {
  const bin = useSuspenseQuery(collectionBinQuery).data;
  const restore = useRestore();
  if (bin.length === 0) return null;
  return (
    <Card title="Bin">
      <p className="text-[13.5px] text-soft">What you delete stays here for 30 days and comes back whole.</p>
      <Trouble>{restore.error?.message}</Trouble>
      <ul>
        {bin.map((thing) => (
          <li key={thing.id} className="flex items-center gap-3 border-b border-line py-2 last:border-0">
            <span className="min-w-0 flex-1">
              {thing.title}
              <span className="block text-[13px] text-soft">
                {[thing.collection && `from “${thing.collection}”`, moment(thing.deletedAt)]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
            </span>
            <Button onClick={() => restore.mutate(thing.id)} aria-label={`Bring back ${thing.title}`}>
              Bring back
            </Button>
          </li>
        ))}
      </ul>
    </Card>
  );
}
