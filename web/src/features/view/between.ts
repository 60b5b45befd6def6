type Box = { x: number; y: number; width: number; height: number };
type Spot = { x: number; y: number };

const middle = ({ x, y, width, height }: Box): Spot => ({ x: x + width / 2, y: y + height / 2 });

/** Where the line from the middle of a box to another spot leaves the box. */
function edge(box: Box, toward: Spot): Spot {
  const from = middle(box);
  const across = toward.x - from.x;
  const down = toward.y - from.y;
  if (across === 0 && down === 0) return from;
  const share = Math.min(
    across === 0 ? Number.POSITIVE_INFINITY : box.width / 2 / Math.abs(across),
    down === 0 ? Number.POSITIVE_INFINITY : box.height / 2 / Math.abs(down),
  );
  return { x: from.x + across * Math.min(1, share), y: from.y + down * Math.min(1, share) };
}

/** The line between the edges of two boxes on the way between their middles. */
export const between = (one: Box, other: Box): { from: Spot; to: Spot } => ({
  from: edge(one, middle(other)),
  to: edge(other, middle(one)),
});
