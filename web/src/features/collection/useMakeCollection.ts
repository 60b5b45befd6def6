import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { lookedAtQuery, useActing } from '../view';
import { collectionQuery, collectionsQuery } from './queries';
import { type Pattern, renewed } from './renewed';

type Wish = { title: string; purpose?: string; like?: string };

const NO_PATTERN: Pattern = { details: [], views: [] };

/** Makes a collection, with the details and views of another where one is named. It is there at once, and sent when it can be. */
export function useMakeCollection() {
  const queries = useQueryClient();
  const acting = useActing();
  return async ({ title, purpose = '', like }: Wish): Promise<string> => {
    const { details, views } = like ? renewed(await patternOf(queries, like)) : NO_PATTERN;
    const id = newId();
    await queries.cancelQueries({ queryKey: collectionsQuery.queryKey });
    queries.setQueryData(collectionsQuery.queryKey, (now = []) => [
      { id, title, purpose, items: 0, kinds: [] },
      ...now,
    ]);
    queries.setQueryData(collectionQuery(id).queryKey, {
      id,
      title,
      purpose,
      notches: [],
      details,
      items: [],
    });
    queries.setQueryData(lookedAtQuery(id).queryKey, { views, places: [], ties: [] });
    const path = `/api/collections/${id}`;
    await acting(id, { method: 'PUT', path, body: { title, purpose } });
    for (const { id: detail, ...body } of details)
      await acting(id, { method: 'PUT', path: `${path}/details/${detail}`, body });
    for (const { id: view, ...body } of views)
      await acting(id, { method: 'PUT', path: `${path}/views/${view}`, body });
    return id;
  };
}

const patternOf = async (queries: QueryClient, id: string): Promise<Pattern> => ({
  details: (await queries.fetchQuery(collectionQuery(id))).details,
  views: (await queries.fetchQuery(lookedAtQuery(id))).views,
});
