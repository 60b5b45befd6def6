import type { Seen } from '../../core/view';
import { type Aspect, type Item, shown } from './details';

/** Things that share a value, under the value as it is read. */
export type GroupOfThings = { name: string; things: Item[] };

/** The things that are seen, in groups by the values of an aspect; those that have none apart. */
export function groupsOf(items: readonly Item[], seen: Seen, by: Aspect) {
  const byId = new Map(items.map((item) => [item.id, item]));
  const of = (ids: string[]) => ids.flatMap((id) => byId.get(id) ?? []);
  const groups = seen.groups(by.key, by.scale);
  return {
    groups: groups
      .values()
      .map((value, at): GroupOfThings => ({ name: shown(by, value), things: of(groups.ids(at)) })),
    without: { name: `Without ${by.name.toLowerCase()}`, things: of(groups.without()) },
  };
}

/** All groups that have things, those without a value last. */
export function allGroups(items: readonly Item[], seen: Seen, by: Aspect): GroupOfThings[] {
  const { groups, without } = groupsOf(items, seen, by);
  return without.things.length > 0 ? [...groups, without] : groups;
}
