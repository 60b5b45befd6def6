import type { Api } from '../../api';

export type Pattern = Api['Pattern'];
export type Zone = Api['Zone'];

/** Where entries stand that belong to no zone of a pattern, as the core has it. */
export const homeOf = ({ zones }: Pattern): Zone =>
  (zones.find((zone) => zone.role === 'MAIN') ??
    zones.find((zone) => zone.role === 'BOX') ??
    zones[0]) as Zone;

/** The zone in which an entry is shown that was made for the zone with this key. */
export const zoneOf = (pattern: Pattern, key: string): Zone =>
  pattern.zones.find((zone) => zone.key === key) ?? homeOf(pattern);

/** Where a pattern's zones stand: a column on either side of those in the middle, and those at the foot. */
export const arranged = ({ zones }: Pattern) => ({
  left: zones.find((zone) => zone.role === 'CUES'),
  right: zones.find((zone) => zone.role === 'MARGIN'),
  middle: zones.filter((zone) => zone.role === 'MAIN' || zone.role === 'BOX'),
  foot: zones.filter((zone) => zone.role === 'SUMMARY'),
});

/** The column of a pattern that takes notes beside its middle. */
export const columnOf = (pattern: Pattern): Zone | undefined => {
  const { left, right } = arranged(pattern);
  return right ?? left;
};

export const entriesIn = <Entry extends { zone: string }>(pattern: Pattern, zone: Zone, entries: Entry[]) =>
  entries.filter((entry) => zoneOf(pattern, entry.zone).key === zone.key);

/** The zone after another one, the first after the last. */
export const zoneAfter = ({ zones }: Pattern, key: string): Zone =>
  zones[(zones.findIndex((zone) => zone.key === key) + 1) % zones.length] as Zone;

/** The columns of a page side by side; on a phone they follow each other. */
export const columns = (hasLeft: boolean, hasRight: boolean) => {
  if (hasLeft && hasRight)
    return 'grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 sm:grid-cols-[minmax(120px,22%)_minmax(0,1fr)_minmax(120px,24%)]';
  if (hasLeft)
    return 'grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 sm:grid-cols-[minmax(130px,25%)_minmax(0,1fr)]';
  if (hasRight)
    return 'grid grid-cols-[minmax(0,1fr)] gap-x-5 gap-y-4 sm:grid-cols-[minmax(0,1fr)_minmax(150px,31%)]';
  return '';
};
