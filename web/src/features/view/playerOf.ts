import type { Item } from './details';

/** The small page that plays the wished part of a thing's clip, for whoever sees the thing. */
export const playerOf = ({ id, played }: Item): string =>
  `/api/things/${id}/clip?${new URLSearchParams(played)}`;
