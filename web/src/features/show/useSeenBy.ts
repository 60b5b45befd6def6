import { useQuery } from '@tanstack/react-query';
import { plural } from '../../ui';
import { readersQuery } from './queries';

/** Who sees a collection, in words. */
export function useSeenBy(collection: string): string {
  const readers = useQuery(readersQuery(collection)).data;
  const classes = [...(readers?.classes ?? []), ...(readers?.groups ?? [])].map(({ name }) => name);
  const people = readers?.people ?? [];
  if (classes.length + people.length === 0) return 'only you see it';
  const named =
    people.length > 2 ? [plural(people.length, 'person', 'people')] : people.map(({ name }) => name);
  return `seen by ${[...classes, ...named].join(', ')}`;
}
