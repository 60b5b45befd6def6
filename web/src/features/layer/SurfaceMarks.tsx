import { useEffect, useRef } from 'react';
import { StrokeShape } from '../ink';
import type { Gesture } from './gestures';
import { ThingView } from './ThingView';
import { roomOfAll } from './things';
import type { SurfaceState } from './useSurface';

const CORNER = 10;

/** What is over a surface and not on it: the stroke under the pen, a loop, the frame around what is chosen. */
export function SurfaceMarks({
  width,
  height,
  surface,
}: {
  width: number;
  height: number;
  surface: SurfaceState;
}) {
  const { gesture, ahead, draft, shown, chosen } = surface;
  const frame = useRef<SVGRectElement>(null);
  useEffect(() => {
    // Chosen by keys, a thing may lie outside of what is seen.
    if (chosen.size > 0) frame.current?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });
  }, [chosen]);
  const room = roomOfAll(draft ? [draft] : shown.filter((thing) => chosen.has(thing.id)));
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      // A layer of its own for the browser: a long drawing below is not painted again with each move of the pen.
      className="pointer-events-none absolute inset-0 h-full w-full will-change-transform"
      aria-hidden="true"
    >
      {gesture?.kind === 'draw' && (
        <StrokeShape
          stroke={
            gesture.isShape
              ? gesture.stroke
              : { ...gesture.stroke, points: [...gesture.stroke.points, ...ahead] }
          }
        />
      )}
      {draft && <ThingView thing={draft} />}
      <Way gesture={gesture} />
      {room && (
        <g className="fill-none stroke-[#0E5A66]" strokeWidth={1.5}>
          <rect
            ref={frame}
            x={room.left - 3}
            y={room.top - 3}
            width={room.right - room.left + 6}
            height={room.bottom - room.top + 6}
            strokeDasharray="6 4"
          />
          {!draft && (
            <rect
              x={room.right - CORNER / 2 + 3}
              y={room.bottom - CORNER / 2 + 3}
              width={CORNER}
              height={CORNER}
              className="fill-marker-strong"
            />
          )}
        </g>
      )}
    </svg>
  );
}

/** The loop or the pull that a hand is about. */
function Way({ gesture }: { gesture: Gesture | undefined }) {
  if (gesture?.kind === 'loop') {
    return (
      <polygon
        points={gesture.path.join(' ')}
        className="fill-petrol/10 stroke-petrol"
        strokeWidth={1.5}
        strokeDasharray="5 4"
      />
    );
  }
  if (gesture?.kind !== 'pull') return null;
  const { from, to } = gesture;
  if (gesture.tool === 'label' || gesture.tool === 'spot') return null;
  return gesture.tool === 'callout' ? (
    <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} className="stroke-petrol" strokeWidth={2} />
  ) : (
    <rect
      x={Math.min(from.x, to.x)}
      y={Math.min(from.y, to.y)}
      width={Math.abs(to.x - from.x)}
      height={Math.abs(to.y - from.y)}
      className="fill-none stroke-petrol"
      strokeWidth={2}
    />
  );
}
