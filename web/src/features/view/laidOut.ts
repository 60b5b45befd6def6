import type { Item } from './details';
import type { Place } from './useThings';

/** How large a card is before it has been measured. */
export const CARD = { width: 196, height: 78 };

const GAP = 36;
const IN_A_ROW = 5;

/** Where each thing lies: where it was put, or in rows below all that were put somewhere. */
export function laidOut(
  items: readonly Item[],
  places: readonly Place[],
): Map<string, { x: number; y: number }> {
  const spots = new Map(places.map(({ item, x, y }) => [item, { x, y }]));
  const loose = items.filter(({ id }) => !spots.has(id));
  const top = Math.max(-GAP, ...places.map(({ y }) => y + CARD.height)) + GAP;
  const left = Math.min(...places.map(({ x }) => x), places.length > 0 ? Number.POSITIVE_INFINITY : 0);
  loose.forEach(({ id }, at) => {
    spots.set(id, {
      x: left + (at % IN_A_ROW) * (CARD.width + GAP),
      y: top + Math.floor(at / IN_A_ROW) * (CARD.height + GAP),
    });
  });
  return spots;
}
