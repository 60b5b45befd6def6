import type { ReactNode } from 'react';
import { Button } from './Button';
import type { useOrdered } from './useOrdered';

/** What each thing of a list that is written needs; its number is from 1. */
export type OrderedField<Thing> = {
  key: number;
  number: number;
  value: Thing;
  isLast: boolean;
  onChange: (value: Thing) => void;
  onMove: (by: -1 | 1) => void;
  /** One always stays. */
  onRemove?: () => void;
};

type Props<Thing> = {
  /** What the list is read out as. */
  label: string;
  list: ReturnType<typeof useOrdered<Thing>>;
  most: number;
  /** What the button says that adds one more, and what is added. */
  add: string;
  fresh: Thing;
  children: (field: OrderedField<Thing>) => ReactNode;
};

/** The fields of a list that is written: each thing is changed, moved and taken out, and more are added. */
export function OrderedFields<Thing>({ label, list, most, add, fresh, children }: Props<Thing>) {
  const count = list.rows.length;
  return (
    <>
      <ol aria-label={label}>
        {list.rows.map(({ key, value }, i) =>
          children({
            key,
            number: i + 1,
            value,
            isLast: i === count - 1,
            onChange: (next) => list.change(i, next),
            onMove: (by) => list.move(i, by),
            onRemove: count > 1 ? () => list.remove(i) : undefined,
          }),
        )}
      </ol>
      {count < most && (
        <Button className="mt-3" onClick={() => list.add(fresh)}>
          {add}
        </Button>
      )}
    </>
  );
}
