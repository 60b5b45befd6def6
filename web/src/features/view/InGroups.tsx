import type { ReactNode } from 'react';
import { plural } from '../../ui';
import { type Item, shown } from './details';
import type { ShapeProps } from './shapeProps';

type Props = ShapeProps & { group: (items: Item[]) => ReactNode };

/** Things under the values of a detail, those without one last; a thing with several values stands under each. */
export function InGroups({ items, seen, by, group }: Props) {
  const byId = new Map(items.map((item) => [item.id, item]));
  const of = (ids: string[]) => ids.flatMap((id) => byId.get(id) ?? []);
  const groups = seen.groups(by.key, by.scale);
  const without = of(groups.without());
  return (
    <>
      {groups.values().map((value, at) => (
        <Group key={value} name={shown(by, value)} items={of(groups.ids(at))} group={group} />
      ))}
      {without.length > 0 && (
        <Group name={`Without ${by.name.toLowerCase()}`} items={without} group={group} />
      )}
    </>
  );
}

function Group({ name, items, group }: { name: string; items: Item[]; group: Props['group'] }) {
  return (
    <section aria-label={name} className="mb-5">
      <h2 className="mb-1.5 text-[16px]">
        {name} <span className="text-[13.5px] font-normal text-soft">{plural(items.length, 'thing')}</span>
      </h2>
      {group(items)}
    </section>
  );
}
