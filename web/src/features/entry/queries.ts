import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export const pageQuery = (id: string) =>
  queryOptions({
    queryKey: ['page', id],
    queryFn: () => unwrap(api.GET('/api/pages/{id}', { params: { path: { id } } })),
    // A linked page is asked by the server what it is; its card comes within seconds.
    refetchInterval: ({ state }) => state.data?.entries.some(isAsking) && CARD_MILLIS,
  });

const CARD_MILLIS = 1_500;
const isAsking = (entry: Api['EntryView']) => entry.card?.state === 'WAITING';

export const remarksQuery = (page: string) =>
  queryOptions({
    queryKey: ['remarks', page],
    queryFn: () => unwrap(api.GET('/api/pages/{id}/remarks', { params: { path: { id: page } } })),
  });

export const ownWordsQuery = (page: Api['PageView']) =>
  queryOptions({
    // Measured again when the page has been kept: its entries' versions say so.
    queryKey: ['own-words', page.id, page.entries.reduce((sum, entry) => sum + entry.version, 0)],
    queryFn: () => unwrap(api.GET('/api/pages/{id}/own-words', { params: { path: { id: page.id } } })),
    placeholderData: (before: Api['OwnWordsView'][] | undefined) => before,
  });
