/** A place in a photo, as shares of its sides. */
export type Place = { x: number; y: number };

/** Clockwise from the top left. */
export const CORNER_NAMES = ['Top left', 'Top right', 'Bottom right', 'Bottom left'] as const;

export const placesOf = (corners: readonly number[]): Place[] =>
  CORNER_NAMES.map((_, i) => ({ x: corners[2 * i] ?? 0, y: corners[2 * i + 1] ?? 0 }));

export const cornersOf = (places: readonly Place[]): number[] => places.flatMap(({ x, y }) => [x, y]);

const inside = (share: number) => Math.min(1, Math.max(0, share));

/** The four places with one of them elsewhere; as they were when two would change places. */
export function moved(places: readonly Place[], which: number, to: Place): Place[] {
  const next = places.map((place, i) => (i === which ? { x: inside(to.x), y: inside(to.y) } : place));
  return isRound(next) ? next : [...places];
}

/** Whether the four go round: every turn goes the same way. */
function isRound(places: readonly Place[]): boolean {
  return places.every((a, i) => {
    const b = places[(i + 1) % 4] ?? a;
    const c = places[(i + 2) % 4] ?? a;
    return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) > 0;
  });
}

const STEPS: Record<string, Place> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** Where an arrow key takes a place: a 500th of a side, with Shift ten times as far. */
export function stepped(place: Place, key: string, isFar: boolean): Place | undefined {
  const step = STEPS[key];
  const reach = isFar ? 0.02 : 0.002;
  return step && { x: place.x + step.x * reach, y: place.y + step.y * reach };
}
