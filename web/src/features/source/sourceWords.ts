import type { Api } from '../../api';

type Source = Api['Source'];

export const KIND_NAMES: Record<Source['kind'], string> = {
  WEB_PAGE: 'Web page',
  BOOK: 'Book',
  ARTICLE: 'Article',
  NEWS: 'News',
  FILM: 'Film',
  PICTURE: 'Picture or map',
  TALK: 'Talk or interview',
  DATA: 'Figures',
};

/** How far a source is trusted, the least first. */
export const TRUST_NAMES: Record<NonNullable<Source['trust']>, string> = {
  LITTLE: 'a little',
  PARTLY: 'partly',
  FULLY: 'fully',
};

/** Names as they are typed, each apart from the next by a semicolon: a comma stands within one. */
export const authorsIn = (typed: string): string[] =>
  typed
    .split(';')
    .map((name) => name.trim())
    .filter(Boolean);

/** A year, a month or a day, as exactly as it is known. */
export function outOn(published: string): string {
  const [year = '', month, day] = published.split('-');
  if (!month) return year;
  return new Date(`${year}-${month}-${day ?? '01'}`).toLocaleDateString('en-GB', {
    day: day ? 'numeric' : undefined,
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  });
}

/** Who, where and when in one line. */
export const saidOf = ({ authors, where, published }: Source): string =>
  [authors.join('; '), where, outOn(published)].filter(Boolean).join(' · ');
