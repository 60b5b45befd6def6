import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';
import { sharedFiles } from '../../device';

export const collectionsQuery = queryOptions({
  queryKey: ['collections'],
  queryFn: () => unwrap(api.GET('/api/collections')),
});

export const collectionBinQuery = queryOptions({
  queryKey: ['collections', 'bin'],
  queryFn: () => unwrap(api.GET('/api/collections/bin')),
});

export const collectionQuery = (id: string) =>
  queryOptions({
    queryKey: ['collection', id],
    queryFn: () => unwrap(api.GET('/api/collections/{id}', { params: { path: { id } } })),
    // What a page says of itself stands there as soon as it has been asked.
    refetchInterval: ({ state }) => (state.data?.items.some(isAsking) ? ASKING_MILLIS : false),
  });

const ASKING_MILLIS = 2_000;

const isAsking = ({ card }: Api['ItemView']) => card?.state === 'WAITING';

/** Files that were shared with the installed application and are kept nowhere yet. */
export const sharedFilesQuery = queryOptions({ queryKey: ['shared-files'], queryFn: sharedFiles });

/** How a thing is cited, and the collection that it is in. */
export const citationQuery = (id: string) =>
  queryOptions({
    queryKey: ['citation', id],
    queryFn: () => unwrap(api.GET('/api/things/{id}/citation', { params: { path: { id } } })),
  });

/** Things of one's collections that are notched to lines of a notebook's syllabus. */
export const resourcesQuery = (notebook: string) =>
  queryOptions({
    queryKey: ['resources', notebook],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/resources', { params: { path: { id: notebook } } })),
  });
