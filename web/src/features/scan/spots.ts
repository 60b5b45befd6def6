import type { SpotThing } from '../layer';
import { pagesOf } from './photoSet';

/** A numbered place on a picture, as text links to it. */
export type Spot = { id: string; name: string };

type PhotoEntry = Parameters<typeof pagesOf>[0] & { kind: string };

/** The spots on the pictures of these entries. */
export const spotsOf = (entries: readonly PhotoEntry[]): Spot[] =>
  entries
    .filter((entry) => entry.kind === 'PHOTO')
    .flatMap((entry) => pagesOf(entry))
    .flatMap((page) => page.layer?.things ?? [])
    .filter((thing): thing is SpotThing => thing.kind === 'spot')
    .map(({ id, number, words }) => ({ id, name: words ? `Spot ${number}: ${words}` : `Spot ${number}` }));

const LINK = '#spot-';

/** The address of a spot within its page; also the id of its sign. */
export const spotLink = (id: string) => LINK + id;

/** Which page of a set has the spot that an address names; −1 for none. */
export const pageWithSpot = (layers: readonly (PageLayer | undefined)[], hash: string): number =>
  hash.startsWith(LINK)
    ? layers.findIndex((layer) => layer?.things.some((thing) => thing.id === hash.slice(LINK.length)))
    : -1;

type PageLayer = { things: readonly { id: string }[] };
