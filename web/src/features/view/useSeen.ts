import { useMemo } from 'react';
import { aspectsOf, type Collection, type Item, KEPT, valuesOf } from './details';
import { byOf, gather, type Look, ownShown, seenBy } from './look';

/** What a look lets be seen of a collection. */
export function useSeen(collection: Collection, look: Look) {
  const aspects = useMemo(() => aspectsOf(collection.details), [collection.details]);
  const things = useMemo(() => gather(collection.items, aspects), [collection.items, aspects]);
  const { seen, ids } = useMemo(() => seenBy(things, look, aspects), [things, look, aspects]);
  const items = useMemo(() => {
    const byId = new Map(collection.items.map((item) => [item.id, item]));
    return ids.flatMap((id) => byId.get(id) ?? []);
  }, [collection.items, ids]);
  const days = aspects.filter(({ scale }) => scale === 'DAYS');
  const by =
    look.shape === 'TIME'
      ? (days.find(({ key }) => key === look.by) ?? days[0] ?? KEPT)
      : byOf(look, aspects);
  return {
    aspects,
    own: useMemo(() => ownShown(look, aspects), [look, aspects]),
    seen,
    items,
    by,
    valuesIn: (key: string) => distinct(collection.items, key),
  };
}

const distinct = (items: readonly Item[], key: string) =>
  [...new Set(items.flatMap((item) => valuesOf(item, key)))].sort((one, other) =>
    one.localeCompare(other, 'en', { numeric: true }),
  );
