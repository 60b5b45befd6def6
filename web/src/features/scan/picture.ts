import type { Api } from '../../api';
import type { SetPage } from './photoSet';

/** A picture to look at: its addresses for the page and in full, its size in px, and its name. */
export type Picture = { small: string; full: string; width?: number; height?: number; name: string };

/** The pictures of a set's pages, in their sizes where the server has told them. */
export const picturesOf = (pages: readonly SetPage[], known: readonly Api['MediaView'][]): Picture[] =>
  pages.map(({ picture, name }) => {
    const media = known.find((one) => one.id === picture);
    return {
      small: `/api/media/${picture}/screen`,
      full: `/api/media/${picture}`,
      width: media?.width,
      height: media?.height,
      name,
    };
  });

export const pictureName = (picture: Picture, at: number, title: string) =>
  picture.name || (title ? `“${title}”, page ${at + 1}` : `page ${at + 1}`);
