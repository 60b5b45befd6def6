import { Empty } from '../../ui';
import type { Item } from './details';
import { groupsOf } from './groupsOf';
import type { ShapeProps } from './shapeProps';
import { ThingMark } from './ThingName';
import { Values } from './Values';

/** Things along a line of time, by a day that they have. */
export function TimeShape({ items, seen, own, by, onOpen }: ShapeProps) {
  const { groups: days, without } = groupsOf(items, seen, by);
  const others = own.filter(({ key }) => key !== by.key);
  return (
    <div className="rounded-md bg-card p-4">
      {days.length === 0 && <Empty>No thing that is seen has “{by.name}”.</Empty>}
      <ol aria-label={`Along ${by.name.toLowerCase()}`} className="border-l-[3px] border-petrol">
        {days.map(({ name, things }) => (
          <li key={name} className="relative pb-3 pl-5">
            <span
              aria-hidden="true"
              className="absolute top-2 -left-[8px] size-[13px] rounded-full bg-petrol"
            />
            <b className="text-petrol">{name}</b>
            <ul>
              {things.map((item) => (
                <Line key={item.id} item={item} others={others} onOpen={onOpen} />
              ))}
            </ul>
          </li>
        ))}
      </ol>
      {without.things.length > 0 && (
        <section aria-label={without.name} className="mt-3 border-t border-line pt-2">
          <h2 className="text-[14.5px]">{without.name}</h2>
          <ul>
            {without.things.map((item) => (
              <Line key={item.id} item={item} others={others} onOpen={onOpen} />
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

type LineProps = { item: Item; others: ShapeProps['own']; onOpen: ShapeProps['onOpen'] };

function Line({ item, others, onOpen }: LineProps) {
  return (
    <li className="py-0.5">
      <button
        type="button"
        className="flex min-h-7 items-center gap-2 text-left hover:text-petrol"
        onClick={() => onOpen(item)}
      >
        <span className="text-soft">
          <ThingMark item={item} />
        </span>
        {item.title}
      </button>
      <Values item={item} aspects={others} />
    </li>
  );
}
