import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import { offerUndo } from '../../ui';
import type { Collection, Item, OwnDetail } from './details';
import type { Look } from './look';
import { useActs } from './useActs';

export type Telling = Partial<
  Pick<Item, 'title' | 'note' | 'text' | 'why' | 'heading' | 'values' | 'source' | 'url' | 'played'>
>;
export type Tie = Api['Tie'];
export type Place = Api['Place'];

/** What is done to the things of a collection and to how they are looked at. */
export function useThings(id: string) {
  const { act, trouble } = useActs(id);
  const base = `/api/collections/${id}`;

  const tell = (item: Item, telling: Telling) =>
    act({
      method: 'PATCH',
      path: `${base}/items/${item.id}`,
      body: telling,
      show: (now) => withItem(now, item.id, told(telling)),
    });
  const keepDetail = (detail: OwnDetail) => {
    const { id: one, ...body } = detail;
    return act({
      method: 'PUT',
      path: `${base}/details/${one}`,
      body,
      show: (now) => ({ ...now, details: put(now.details, detail) }),
    });
  };
  const deleteDetail = async (detail: OwnDetail) => {
    const path = `${base}/details/${detail.id}`;
    await act({
      method: 'DELETE',
      path,
      show: (now) => ({ ...now, details: without(now.details, detail.id) }),
    });
    offerUndo(`Deleted “${detail.name}”`, () =>
      act({
        method: 'POST',
        path: `${path}/restore`,
        show: (now) => ({ ...now, details: put(now.details, detail) }),
      }),
    );
  };
  const merge = (detail: string, from: string[], into: string) =>
    act({
      method: 'POST',
      path: `${base}/details/${detail}/merge`,
      body: { from, into },
      show: (now) => ({ ...now, items: now.items.map(merged(detail, from, into)) }),
    });
  const keepView = async (wish: { id?: string; name: string; look: Look }) => {
    const view = { ...wish, id: wish.id ?? newId() };
    await act({
      method: 'PUT',
      path: `${base}/views/${view.id}`,
      body: { name: view.name, look: view.look },
      showViews: (now) => ({ ...now, views: put(now.views, view) }),
    });
  };
  const deleteView = async (view: Api['NamedView']) => {
    await act({
      method: 'DELETE',
      path: `${base}/views/${view.id}`,
      showViews: (now) => ({ ...now, views: without(now.views, view.id) }),
    });
    offerUndo(`Deleted “${view.name}”`, () => keepView(view));
  };
  const place = (places: Place[]) => {
    const moved = new Set(places.map(({ item }) => item));
    return act({
      method: 'PUT',
      path: `${base}/places`,
      body: { places },
      showViews: (now) => ({
        ...now,
        places: [...now.places.filter(({ item }) => !moved.has(item)), ...places],
      }),
    });
  };
  const keepTie = (tie: Tie) => {
    const { id: one, ...body } = tie;
    return act({
      method: 'PUT',
      path: `${base}/ties/${one}`,
      body,
      showViews: (now) => ({ ...now, ties: put(now.ties, tie) }),
    });
  };
  const untie = async (tie: Tie) => {
    await act({
      method: 'DELETE',
      path: `${base}/ties/${tie.id}`,
      showViews: (now) => ({ ...now, ties: without(now.ties, tie.id) }),
    });
    offerUndo('The tie is gone', () => keepTie(tie));
  };
  return { tell, keepDetail, deleteDetail, merge, keepView, deleteView, place, keepTie, untie, trouble };
}

/** A collection with one of its things changed. */
export const withItem = (now: Collection, id: string, change: (item: Item) => Item): Collection => ({
  ...now,
  items: now.items.map((item) => (item.id === id ? change(item) : item)),
});

const told =
  (telling: Telling) =>
  (item: Item): Item => ({ ...item, ...telling, values: { ...item.values, ...telling.values } });

const merged =
  (detail: string, from: string[], into: string) =>
  (item: Item): Item => {
    const values = (item.values[detail] ?? []).map((value) => (from.includes(value) ? into : value));
    return { ...item, values: { ...item.values, [detail]: [...new Set(values)] } };
  };

type Named = { id: string };

/** In its place where it is there already, else at the end. */
const put = <One extends Named>(all: One[], one: One): One[] =>
  all.some(({ id }) => id === one.id)
    ? all.map((other) => (other.id === one.id ? one : other))
    : [...all, one];

const without = <One extends Named>(all: One[], id: string): One[] => all.filter((one) => one.id !== id);
