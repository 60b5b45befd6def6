import { useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { type Api, api, unwrap, useInTurn } from '../../api';
import { offerUndo } from '../../ui';
import type { Collection, Item, OwnDetail } from './details';
import type { Look } from './look';
import { lookedAtQuery } from './queries';

export type Telling = Partial<Pick<Item, 'title' | 'note' | 'why' | 'heading' | 'values' | 'source' | 'url'>>;
export type Tie = Api['Tie'];
export type Place = Api['Place'];

/** What is done to the things of a collection and to how they are looked at. */
export function useThings(id: string) {
  const queries = useQueryClient();
  const key = ['collection', id];
  const inTurn = useInTurn(key);
  const act = (send: () => Promise<unknown>) => inTurn.mutateAsync({ send });
  const run = (send: () => Promise<unknown>) => inTurn.mutate({ send });
  const at = { path: { id } };

  /** What is typed stands there at once; the server's answer follows. */
  const tell = (item: Item, telling: Telling) =>
    inTurn.mutateAsync({
      show: () => queries.setQueryData<Collection>(key, (now) => now && withTold(now, item.id, telling)),
      send: () =>
        unwrap(
          api.PATCH('/api/collections/{id}/items/{item}', {
            params: { path: { id, item: item.id } },
            body: telling,
          }),
        ),
    });
  const keepDetail = (detail: OwnDetail) => {
    const { id: one, ...body } = detail;
    return act(() =>
      unwrap(
        api.PUT('/api/collections/{id}/details/{detail}', { params: { path: { id, detail: one } }, body }),
      ),
    );
  };
  const ofDetail = (detail: string) => ({ params: { path: { id, detail } } });
  const deleteDetail = ({ id: detail, name }: OwnDetail) =>
    run(async () => {
      await unwrap(api.DELETE('/api/collections/{id}/details/{detail}', ofDetail(detail)));
      offerUndo(`Deleted “${name}”`, () =>
        run(() => unwrap(api.POST('/api/collections/{id}/details/{detail}/restore', ofDetail(detail)))),
      );
    });
  const merge = (detail: string, from: string[], into: string) =>
    act(() =>
      unwrap(
        api.POST('/api/collections/{id}/details/{detail}/merge', {
          ...ofDetail(detail),
          body: { from, into },
        }),
      ),
    );
  const keepView = (view: { id?: string; name: string; look: Look }) => {
    const one = view.id ?? newId();
    return act(() =>
      unwrap(
        api.PUT('/api/collections/{id}/views/{view}', {
          params: { path: { id, view: one } },
          body: { name: view.name, look: view.look },
        }),
      ),
    ).then(() => one);
  };
  const deleteView = (view: Api['NamedView']) =>
    run(async () => {
      await unwrap(
        api.DELETE('/api/collections/{id}/views/{view}', { params: { path: { id, view: view.id } } }),
      );
      offerUndo(`Deleted “${view.name}”`, () => void keepView(view));
    });
  /** Cards lie there at once; the server's answer follows. */
  const place = (places: Place[]) => {
    const moved = new Set(places.map(({ item }) => item));
    return inTurn.mutateAsync({
      show: () =>
        queries.setQueryData(
          lookedAtQuery(id).queryKey,
          (now) =>
            now && { ...now, places: [...now.places.filter(({ item }) => !moved.has(item)), ...places] },
        ),
      send: () => unwrap(api.PUT('/api/collections/{id}/places', { params: at, body: { places } })),
    });
  };
  const keepTie = ({ id: tie, ...body }: Tie) =>
    act(() => unwrap(api.PUT('/api/collections/{id}/ties/{tie}', { params: { path: { id, tie } }, body })));
  const untie = (tie: Tie) =>
    run(async () => {
      await unwrap(api.DELETE('/api/collections/{id}/ties/{tie}', { params: { path: { id, tie: tie.id } } }));
      offerUndo('The tie is gone', () => void keepTie(tie));
    });
  return {
    tell,
    keepDetail,
    deleteDetail,
    merge,
    keepView,
    deleteView,
    place,
    keepTie,
    untie,
    error: inTurn.error,
  };
}

const withTold = (collection: Collection, id: string, telling: Telling): Collection => ({
  ...collection,
  items: collection.items.map((item) =>
    item.id === id ? { ...item, ...telling, values: { ...item.values, ...telling.values } } : item,
  ),
});
