import { useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../../api';
import { NO_ANSWER, useKept, type Version } from '../reflection';
import { mergePages, type Written } from './mergePages';
import { type BookPage, bookQuery } from './queries';

const opened = (page: BookPage): Version<Written> => ({
  version: page.version,
  questions: [page.question],
  sheet: {
    answers: [{ ...NO_ANSWER, words: page.words }],
    heading: page.heading,
    leftOut: page.leftOut,
    pieces: page.pieces,
  },
});

/** A page of a book while it is written. */
export function usePage(book: string, page: BookPage) {
  const queries = useQueryClient();
  const refresh = () => queries.invalidateQueries({ queryKey: ['books'] });
  return useKept<Written>({
    place: `notchbook.book-page.${page.id}`,
    opened: opened(page),
    load: async () => {
      const { pages } = await queries.fetchQuery({ ...bookQuery(book), staleTime: 0 });
      return opened(pages.find((one) => one.id === page.id) ?? page);
    },
    send: ({ version, sheet }) =>
      unwrap(
        api.PUT('/api/books/{id}/pages/{page}', {
          params: { path: { id: book, page: page.id } },
          body: {
            notebook: page.notebook,
            kind: page.kind,
            heading: sheet.heading.trim() || page.heading,
            question: page.question,
            range: page.range,
            leftOut: sheet.leftOut,
            words: sheet.answers[0]?.words ?? '',
            pieces: sheet.pieces,
            baseVersion: version,
          },
        }),
      ),
    merge: mergePages,
    whole: (left) => left,
    onKept: refresh,
    onLeave: refresh,
  });
}
