import type { Api } from '../../api';
import type { Layer } from '../layer';
import type { SetPage } from './photoSet';

/** A picture to look at: its addresses for the page and in full (none while the device looks it up), its size in px, its name, what is on it. */
export type Picture = {
  small?: string;
  full?: string;
  width?: number;
  height?: number;
  name: string;
  layer?: Layer;
};

/** The pictures of a set's pages, in their sizes where the server has told them. */
export const picturesOf = (pages: readonly SetPage[], known: readonly Api['MediaView'][]): Picture[] =>
  pages.map(({ picture, name, layer }) => {
    const media = known.find((one) => one.id === picture);
    return {
      small: `/api/media/${picture}/screen`,
      full: `/api/media/${picture}`,
      width: media?.width,
      height: media?.height,
      name,
      layer,
    };
  });

/** What a picture is called among those it stands with. */
export function pictureName(pictures: readonly Picture[], at: number, title: string): string {
  const name = pictures[at]?.name;
  if (name) return name;
  if (pictures.length === 1) return title || 'Photo without a caption';
  return title ? `${title}, page ${at + 1}` : `Page ${at + 1}`;
}
