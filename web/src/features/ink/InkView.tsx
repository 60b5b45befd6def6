import { memo } from 'react';
import { type InkDrawing, type InkStroke, strokePath } from './ink';

/** A drawing as it is kept, at the width that it is given. */
export function InkView({ drawing, title }: { drawing: InkDrawing; title: string }) {
  return (
    <svg
      viewBox={`0 0 ${drawing.width} ${drawing.height}`}
      className="block w-full rounded-md border border-line bg-[#fff]"
      role="img"
      aria-label={title || 'Drawing'}
    >
      <Strokes strokes={drawing.strokes} />
    </svg>
  );
}

export const Strokes = memo(function Strokes({ strokes }: { strokes: readonly InkStroke[] }) {
  return strokes.map((stroke, i) => <StrokeShape key={i} stroke={stroke} />);
});

export const StrokeShape = memo(function StrokeShape({ stroke }: { stroke: InkStroke }) {
  return (
    <path d={strokePath(stroke)} fill={stroke.colour} fillOpacity={stroke.tool === 'highlighter' ? 0.4 : 1} />
  );
});
