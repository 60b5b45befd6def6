import type { Item } from './details';

/** The small page that plays the clip of a thing, for whoever sees the thing. */
export const playerOf = ({ id }: Item) => `/api/things/${id}/clip`;
