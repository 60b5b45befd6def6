import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export type BookPage = Api['BookPageView'];
export type BookPiece = Api['BookPiece'];

export const booksQuery = queryOptions({
  queryKey: ['books'],
  queryFn: () => unwrap(api.GET('/api/books')),
});

export const bookQuery = (id: string) =>
  queryOptions({
    queryKey: ['books', id],
    queryFn: () => unwrap(api.GET('/api/books/{id}', { params: { path: { id } } })),
  });

export const offersQuery = (notebook: string) =>
  queryOptions({
    queryKey: ['book-offers', notebook],
    queryFn: () => unwrap(api.GET('/api/notebooks/{id}/book-offers', { params: { path: { id: notebook } } })),
  });
