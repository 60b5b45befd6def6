import type { Node } from '@xyflow/react';
import type { CardNode } from './BoardCard';
import { type Aspect, type Item, shown, valuesOf } from './details';
import type { Place } from './useThings';

/** As many values as a card has room for. */
const MOST_VALUES = 2;

/** Where cards lie. */
export const placesOf = (nodes: Node[]): Place[] =>
  nodes.map(({ id, position }) => ({ item: id, x: position.x, y: position.y }));

/** A card for each thing, where it lies, in the colour of its group, with its first other values. */
export function boardCards(
  items: Item[],
  spots: Map<string, { x: number; y: number }>,
  colours: Map<string, string>,
  by: string,
  own: readonly Aspect[],
): CardNode[] {
  return items.map((item) => {
    const [group = ''] = valuesOf(item, by);
    const says = own
      .filter(({ key }) => key !== by)
      .flatMap((aspect) =>
        valuesOf(item, aspect.key)
          .slice(0, 1)
          .map((value) => shown(aspect, value)),
      )
      .slice(0, MOST_VALUES)
      .join(' · ');
    return {
      id: item.id,
      type: 'thing',
      position: spots.get(item.id) ?? { x: 0, y: 0 },
      ariaLabel: [item.title, group, says].filter(Boolean).join(', '),
      data: { title: item.title, says, group, colour: colours.get(group) ?? 'var(--line)' },
    };
  });
}
