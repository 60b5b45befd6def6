import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export type Piece = Api['PieceView'];
export type Line = Api['PieceLine'];
export type Comment = Api['CommentView'];

/** What others show and say comes in while one looks. */
const LOOKS_AGAIN_MILLIS = 15_000;

/** The noticeboard of a class, as far as the reader sees it. */
export const boardQuery = (schoolClass: string) =>
  queryOptions({
    queryKey: ['noticeboard', schoolClass],
    queryFn: () =>
      unwrap(api.GET('/api/classes/{id}/noticeboard', { params: { path: { id: schoolClass } } })),
    refetchInterval: LOOKS_AGAIN_MILLIS,
  });

export const pieceQuery = (id: string) =>
  queryOptions({
    queryKey: ['piece', id],
    queryFn: () => unwrap(api.GET('/api/noticeboard/{id}', { params: { path: { id } } })),
    refetchInterval: LOOKS_AGAIN_MILLIS,
  });
