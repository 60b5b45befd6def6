import type { ReactNode } from 'react';
import { plural } from '../../ui';
import type { Item } from './details';
import { allGroups } from './groupsOf';
import type { ShapeProps } from './shapeProps';

type Props = ShapeProps & { group: (items: Item[]) => ReactNode };

/** Things under the values of a detail, those without one last; a thing with several values stands under each. */
export function InGroups({ items, seen, by, group }: Props) {
  return allGroups(items, seen, by).map(({ name, things }) => (
    <Group key={name} name={name} items={things} group={group} />
  ));
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
