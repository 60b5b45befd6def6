import { type Item, useActs, withItem } from '../view';
import { HelpsWith } from './HelpsWith';
import { toggled } from './toggled';
import type { Lines } from './useLines';

type Props = { collection: string; item: Item; lines: readonly Lines[] };

/** The points that a thing helps with. */
export function ItemPoints({ collection, item, lines }: Props) {
  const { act } = useActs(collection);
  const notch = (line: string, isCut: boolean) =>
    void act({
      method: isCut ? 'DELETE' : 'PUT',
      path: `/api/collections/${collection}/items/${item.id}/notches/${line}`,
      show: (now) =>
        withItem(now, item.id, (one) => ({ ...one, notches: toggled(one.notches, line, isCut) })),
    });
  return (
    <div>
      <HelpsWith of={item.title} notches={item.notches} lines={lines} onNotch={notch} />
    </div>
  );
}
