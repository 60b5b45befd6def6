import { plural } from '../../ui';
import type { Item } from './details';
import { allGroups } from './groupsOf';
import type { ShapeProps } from './shapeProps';
import { ThingMark } from './ThingName';
import { useSome } from './useSome';
import { Values } from './Values';

/** Things in columns, one for each value of a detail. */
export function GroupsShape({ items, seen, own, by, look, onOpen }: ShapeProps) {
  const others = own.filter(({ key }) => key !== by.key);
  return (
    <div
      className="flex items-start gap-3 overflow-x-auto pb-2"
      role="group"
      aria-label="Groups"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what is wider than the screen is scrolled by keys
      tabIndex={0}
    >
      {allGroups(items, seen, by).map(({ name, things }) => (
        <Column key={name} name={name} things={things} aspects={others} look={look} onOpen={onOpen} />
      ))}
    </div>
  );
}

type ColumnProps = Pick<ShapeProps, 'look' | 'onOpen'> & {
  name: string;
  things: Item[];
  aspects: ShapeProps['own'];
};

function Column({ name, things, aspects, look, onOpen }: ColumnProps) {
  const { some, more } = useSome(things, look);
  return (
    <section aria-label={name} className="w-64 shrink-0 rounded-md bg-card p-2.5">
      <h2 className="mb-1.5 px-1 text-[15px]">
        {name} <span className="text-[13px] font-normal text-soft">{plural(things.length, 'thing')}</span>
      </h2>
      <ul className="grid gap-1.5">
        {some.map((item) => (
          <li key={item.id}>
            <ThingCard item={item} aspects={aspects} onOpen={onOpen} />
          </li>
        ))}
      </ul>
      {more}
    </section>
  );
}

type CardProps = { item: Item; aspects: ShapeProps['own']; onOpen: ShapeProps['onOpen'] };

function ThingCard({ item, aspects, onOpen }: CardProps) {
  return (
    <button
      type="button"
      className="block w-full rounded-md border border-line px-2 py-1.5 text-left hover:border-petrol"
      onClick={() => onOpen(item)}
    >
      <span className="flex items-start gap-2">
        <span className="mt-0.5 text-soft">
          <ThingMark item={item} />
        </span>
        <b className="line-clamp-2 min-w-0 flex-1">{item.title}</b>
      </span>
      <Values item={item} aspects={aspects} />
    </button>
  );
}
