import { offerUndo, plural } from '../../ui';
import { type Collection, type Item, useActs } from '../view';
import { pathOf, usePut, type Wish } from './usePut';

/** Puts things into a collection, takes them out, and orders them. */
export function useGathered(id: string) {
  const { act } = useActs(id);
  const put = usePut();
  const takeOut = (item: string) =>
    act({ method: 'DELETE', path: pathOf(id, item), show: (now) => withoutItem(now, item) });
  const add = async (wishes: Wish[]) => {
    const added: string[] = [];
    for (const wish of wishes) added.push(await put(id, wish));
    if (added.length > 0)
      offerUndo(`${plural(added.length, 'thing')} added`, () => Promise.all(added.map(takeOut)));
  };
  const remove = async (item: Item, all: readonly Item[]) => {
    await takeOut(item.id);
    offerUndo(`“${item.title}” is in the bin`, () =>
      act({
        method: 'POST',
        path: `/api/collections/bin/${item.id}/restore`,
        show: (now) => inOrder({ ...now, items: [...now.items, item] }, all.map(idOf)),
      }),
    );
  };
  const order = (items: string[]) =>
    act({
      method: 'POST',
      path: `/api/collections/${id}/order`,
      body: { items },
      show: (now) => inOrder(now, items),
    });
  return { add, remove, order };
}

const idOf = ({ id }: { id: string }) => id;

const withoutItem = (now: Collection, id: string): Collection => ({
  ...now,
  items: now.items.filter((item) => item.id !== id),
});

/** Things that are not named come after those that are. */
const inOrder = (now: Collection, ids: readonly string[]): Collection => {
  const at = new Map(ids.map((id, i) => [id, i]));
  return {
    ...now,
    items: [...now.items].sort(
      (one, other) => (at.get(one.id) ?? ids.length) - (at.get(other.id) ?? ids.length),
    ),
  };
};
