import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { aspectsOf, type Collection, type Item, KEPT, valuesOf } from './details';
import { byOf, FIRST_LOOK, gather, type Look, ownShown, SHAPES, type Shape, seenBy } from './look';

/** How a collection is looked at, and what is seen of it. */
export function useLook(collection: Collection) {
  const [search, setSearch] = useSearchParams();
  const [chosen, setChosen] = useState<Look>(FIRST_LOOK);
  const look = useMemo(() => ({ ...chosen, shape: shapeOf(search.get('as')) }), [chosen, search]);
  const setLook = (next: Look) => {
    setChosen(next);
    if (next.shape !== look.shape) setSearch({ as: next.shape.toLowerCase() });
  };
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
    look,
    setLook,
    aspects,
    own: useMemo(() => ownShown(look, aspects), [look, aspects]),
    seen,
    items,
    by,
    valuesIn: (key: string) => distinct(collection.items, key),
  };
}

/** The shape that an address names; a list where it names none. */
const shapeOf = (named: string | null): Shape =>
  (Object.keys(SHAPES) as Shape[]).find((shape) => shape.toLowerCase() === named) ?? 'LIST';

const distinct = (items: readonly Item[], key: string) =>
  [...new Set(items.flatMap((item) => valuesOf(item, key)))].sort((one, other) =>
    one.localeCompare(other, 'en', { numeric: true }),
  );
