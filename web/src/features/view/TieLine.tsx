import {
  BaseEdge,
  type Edge,
  EdgeLabelRenderer,
  type EdgeProps,
  useInternalNode,
  useStore,
} from '@xyflow/react';
import { between } from './between';
import { CARD } from './laidOut';
import type { Tie } from './useThings';

export type TieEdge = Edge<{ tie: Tie; onOpen?: () => void }, 'tie'>;

/** From this zoom on the words of ties can be told apart. */
const SMALLEST = 0.6;

/** A tie: a line from the edge of one card to the edge of the other, with its words; they say which way it leads. */
export function TieLine({ id, source, target, data }: EdgeProps<TieEdge>) {
  const from = useInternalNode(source);
  const to = useInternalNode(target);
  const zoom = useStore(({ transform }) => transform[2]);
  if (!from || !to || !data) return null;
  const box = (node: NonNullable<typeof from>) => ({
    ...node.internals.positionAbsolute,
    width: node.measured.width ?? CARD.width,
    height: node.measured.height ?? CARD.height,
  });
  const line = between(box(from), box(to));
  const { words, isDirected } = data.tie;
  const isBackward = line.to.x < line.from.x;
  // Words stay large enough to be read; where cards are small they lie too near each other to be pressed, and T opens their tie.
  const size = zoom >= SMALLEST ? Math.max(1, 1 / zoom) : 1;
  const Words = zoom >= 1 && data.onOpen ? 'button' : 'span';
  return (
    <>
      <BaseEdge
        id={id}
        path={`M${line.from.x} ${line.from.y}L${line.to.x} ${line.to.y}`}
        style={{ stroke: 'var(--soft)', strokeWidth: 1.5 }}
      />
      {isDirected && <Arrow {...line} />}
      <EdgeLabelRenderer>
        <Words
          type={Words === 'button' ? 'button' : undefined}
          className="nodrag nopan pointer-events-auto absolute z-10 min-h-7 min-w-7 max-w-40 rounded bg-card px-1 text-[13px] leading-tight text-soft hover:text-petrol"
          style={{
            transform: `translate(-50%, -50%) translate(${(line.from.x + line.to.x) / 2}px, ${(line.from.y + line.to.y) / 2}px) scale(${size})`,
          }}
          onClick={data.onOpen}
        >
          {isDirected && isBackward && '‹ '}
          {words || (isDirected ? 'leads to' : 'tied')}
          {isDirected && !isBackward && ' ›'}
        </Words>
      </EdgeLabelRenderer>
    </>
  );
}

type End = { x: number; y: number };

/** The head at the end of a line that leads somewhere. */
function Arrow({ from, to }: { from: End; to: End }) {
  const angle = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  return (
    <path
      d="M0 0L-9 -4.5V4.5Z"
      fill="var(--soft)"
      transform={`translate(${to.x} ${to.y}) rotate(${angle})`}
    />
  );
}
