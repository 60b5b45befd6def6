import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Collection } from './details';
import { FIRST_LOOK, type Look, SHAPES, type Shape } from './look';
import { useSeen } from './useSeen';

/** How a collection is looked at on its own screen, and what is seen of it. */
export function useLook(collection: Collection) {
  const [search, setSearch] = useSearchParams();
  const [chosen, setChosen] = useState<Look>(FIRST_LOOK);
  const look = useMemo(() => ({ ...chosen, shape: shapeOf(search.get('as')) }), [chosen, search]);
  const setLook = (next: Look) => {
    setChosen(next);
    if (next.shape !== look.shape) setSearch({ as: next.shape.toLowerCase() });
  };
  return { look, setLook, ...useSeen(collection, look) };
}

/** The shape that an address names; a list where it names none. */
const shapeOf = (named: string | null): Shape =>
  (Object.keys(SHAPES) as Shape[]).find((shape) => shape.toLowerCase() === named) ?? 'LIST';
