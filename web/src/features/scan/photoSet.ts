import type { Api } from '../../api';
import type { Layer } from '../layer';

/** A page of a set, as an entry holds it. */
export type SetPage = {
  picture: string;
  photo: string;
  corners: number[];
  quarters: number;
  finish: string;
  name: string;
  gist: string;
  /** What is written on it. */
  layer?: Layer;
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
    pages.length === 1 &&
    only?.picture === only?.photo &&
    !only?.name &&
    !only?.gist &&
    !only?.layer &&
    only?.quarters === 0;
  return isPlain ? {} : { pages };
}

/** The pages with what is now written on one of them; a layer with nothing on it is none. */
export const writtenOn = (pages: SetPage[], at: number, layer: Layer): SetPage[] =>
  pages.map((page, i) => (i === at ? { ...page, layer: layer.things.length ? layer : undefined } : page));
