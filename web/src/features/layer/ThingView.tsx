import { memo } from 'react';
import { StrokeShape } from '../ink';
import {
  type CalloutThing,
  FRAME_ROOM,
  type Lettering,
  LINE,
  roomOfThing,
  SPOT_RADIUS,
  type SpotThing,
  type Thing,
} from './things';

/** From the top of a line to the feet of its letters, in sizes. */
const FEET = 0.95;

type Props = {
  thing: Thing;
  /** The colour of a spot that is marked. */
  sign?: string;
  /** Whether the address names it. */
  isNamed?: boolean;
};

/** A thing as SVG, in units of its layer; the PDF draws it the same (`LayerSvg`). */
export const ThingView = memo(function ThingView({ thing, sign, isNamed }: Props) {
  switch (thing.kind) {
    case 'ink':
      return <StrokeShape stroke={thing} />;
    case 'label':
      return <Words lettering={thing} />;
    case 'callout':
      return <Callout callout={thing} />;
    case 'box':
      return (
        <rect
          x={thing.left}
          y={thing.top}
          width={thing.right - thing.left}
          height={thing.bottom - thing.top}
          rx={3}
          fill="none"
          stroke={thing.colour}
          strokeWidth={3}
        />
      );
    case 'spot':
      return <Spot spot={thing} sign={sign} isNamed={isNamed} />;
  }
});

function Words({ lettering: { x, y, size, colour, words } }: { lettering: Lettering }) {
  return (
    <text x={x} y={y} fontSize={size} fill={colour} className="font-text select-none">
      {words.split('\n').map((line, i) => (
        <tspan key={i} x={x} y={y + size * (FEET + i * LINE)}>
          {line}
        </tspan>
      ))}
    </text>
  );
}

function Callout({ callout }: { callout: CalloutThing }) {
  const { left, top, right, bottom } = roomOfThing({ ...callout, kind: 'label' });
  return (
    <>
      <line
        x1={(left + right) / 2}
        y1={(top + bottom) / 2}
        x2={callout.tipX}
        y2={callout.tipY}
        stroke={callout.colour}
        strokeWidth={2}
      />
      <circle cx={callout.tipX} cy={callout.tipY} r={4} fill={callout.colour} />
      <rect
        x={left - FRAME_ROOM}
        y={top - FRAME_ROOM}
        width={right - left + 2 * FRAME_ROOM}
        height={bottom - top + 2 * FRAME_ROOM}
        rx={4}
        fill={callout.colour === '#FFFFFF' ? '#17262D' : '#FFFFFF'}
        stroke={callout.colour}
        strokeWidth={2}
      />
      <Words lettering={callout} />
    </>
  );
}

function Spot({ spot, sign, isNamed }: Omit<Props, 'thing'> & { spot: SpotThing }) {
  return (
    <g>
      <title>{spot.words}</title>
      {isNamed && (
        <circle
          cx={spot.x}
          cy={spot.y}
          r={SPOT_RADIUS + 7}
          className="fill-none stroke-marker-strong"
          strokeWidth={6}
        />
      )}
      <circle
        cx={spot.x}
        cy={spot.y}
        r={SPOT_RADIUS}
        fill={sign ?? '#17262D'}
        stroke="#FFFFFF"
        strokeWidth={2}
      />
      <text
        x={spot.x}
        y={spot.y + 5}
        fontSize={15}
        textAnchor="middle"
        fill="#FFFFFF"
        className="font-text select-none"
      >
        {spot.number}
      </text>
    </g>
  );
}
