import type { ReactNode } from 'react';
import { OrderButtons } from '../../ui';
import type { Item } from '../view';

type Props = {
  item: Item;
  isFirst: boolean;
  isLast: boolean;
  /** Things are moved where all of them are seen in the student's own order. */
  canMove: boolean;
  onMove: (by: -1 | 1) => void;
  onRemove: () => void;
  children: ReactNode;
};

/** Moves a thing of a collection or takes it out; the points that it helps with stand before that. */
export function ItemActs({ item, isFirst, isLast, canMove, onMove, onRemove, children }: Props) {
  return (
    <>
      {children}
      <span className="ml-auto">
        <OrderButtons
          name={item.title}
          isFirst={!canMove || isFirst}
          isLast={!canMove || isLast}
          onMove={onMove}
          onRemove={onRemove}
        />
      </span>
    </>
  );
}
