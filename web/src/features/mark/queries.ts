import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export type Mark = Api['MarkView'];
export type OwnMark = Api['OwnMark'];

export const marksQuery = (page: string) =>
  queryOptions({
    queryKey: ['marks', page],
    queryFn: () => unwrap(api.GET('/api/pages/{id}/marks', { params: { path: { id: page } } })),
  });

export const ownMarksQuery = queryOptions({
  queryKey: ['own-marks'],
  queryFn: () => unwrap(api.GET('/api/own-marks')),
});

export type Wish = {
  notebook?: string;
  kind?: Mark['kind'];
  own?: string;
  topic?: string;
  monday?: string;
  open?: boolean;
};

export const gatheredQuery = (wish: Wish) =>
  queryOptions({
    queryKey: ['gathered', wish],
    queryFn: () => unwrap(api.GET('/api/marks', { params: { query: wish } })),
  });
