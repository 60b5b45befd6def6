import type { Api } from '../../api';

export type Hit =
  | { id: string; to: string; group: 'Points'; point: Api['PointHit'] }
  | { id: string; to: string; group: 'Pages and sections'; place: Api['PlaceHit'] }
  | { id: string; to: string; group: 'Entries'; entry: Api['EntryHit'] }
  | { id: string; to: string; group: 'Teachers and what they said'; person: Api['PersonHit'] };

/** What was found as one list, in the order in which it is shown and gone through by keys. */
export const hitsOf = (found: Api['FindView']): Hit[] => [
  ...found.points.map(
    (point): Hit => ({
      id: `${point.notebookId} ${point.id}`,
      to: `/n/${point.notebookId}/needle?nodes=${point.id}`,
      group: 'Points',
      point,
    }),
  ),
  ...found.places.map(
    (place): Hit => ({ id: place.path, to: place.path, group: 'Pages and sections', place }),
  ),
  ...found.entries.map(
    (entry): Hit => ({
      id: entry.id,
      to: `/n/${entry.notebookId}/p/${entry.pageId}?entry=${entry.id}`,
      group: 'Entries',
      entry,
    }),
  ),
  ...found.people.map(
    (person, i): Hit => ({
      id: `${i} ${person.path}`,
      to: person.path,
      group: 'Teachers and what they said',
      person,
    }),
  ),
];
