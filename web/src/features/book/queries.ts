import { queryOptions } from '@tanstack/react-query';
import { type Api, api, unwrap } from '../../api';

export type BookPage = Api['BookPageView'];
export type BookPiece = Api['BookPiece'];
export type BookPart = Api['BookPart'];
export type BookPattern = Api['BookPattern'];

export const booksQuery = queryOptions({
  queryKey: ['books'],
  queryFn: () => unwrap(api.GET('/api/books')),
});

/** What a student can begin a book with. */
export const offeredPatternsQuery = queryOptions({
  queryKey: ['book-patterns', 'offered'],
  queryFn: () => unwrap(api.GET('/api/book-patterns')),
});

/** The patterns of a class for its teacher, or of the school for its keeper. */
export const bookPatternsQuery = (classId?: string) =>
  queryOptions({
    queryKey: ['book-patterns', classId ?? 'school'],
    queryFn: () =>
      unwrap(
        classId
          ? api.GET('/api/classes/{classId}/book-patterns', { params: { path: { classId } } })
          : api.GET('/api/school/book-patterns'),
      ),
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
