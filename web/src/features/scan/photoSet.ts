import type { Api } from '../../api';

/** A page of a set, as an entry holds it. */
export type SetPage = {
  picture: string;
  photo: string;
  corners: number[];
  quarters: number;
  finish: string;
  name: string;
  gist: string;
};

const WHOLE = { corners: [0, 0, 1, 0, 1, 1, 0, 1], quarters: 0, finish: 'AS_TAKEN', name: '', gist: '' };

type PhotoEntry = { content?: unknown; media?: Api['MediaView'] };

/** The pages of a photo entry; a photo by itself is a set of one. */
export function pagesOf({ content, media }: PhotoEntry): SetPage[] {
  const pages = (content as { pages?: SetPage[] } | undefined)?.pages;
  return pages ?? (media ? [{ picture: media.id, photo: media.id, ...WHOLE }] : []);
}

export const isSet = (content: unknown) => !!(content as { pages?: unknown } | undefined)?.pages;

/** The content of an entry with these pages; one photo as it was taken needs no set around it. */
export function contentOf(pages: SetPage[]): { pages?: SetPage[] } {
  const [only] = pages;
  const isPlain =
    pages.length === 1 && only?.picture === only?.photo && !only?.name && !only?.gist && only?.quarters === 0;
  return isPlain ? {} : { pages };
}
