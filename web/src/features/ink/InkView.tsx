import { memo } from 'react';
import type { InkDrawing, InkStroke } from './ink';
import { pathOf } from './live';

/** A drawing as it is kept, at the width that it is given. */
export function InkView({ drawing, title }: { drawing: InkDrawing; title: string }) {
  return (
    <svg
      viewBox={`0 0 ${drawing.width} ${drawing.height}`}
      className="block w-full rounded-md border border-line bg-[#fff]"
      role="img"
      aria-label={title || 'Drawing'}
    >
      {drawing.strokes.map((stroke, i) => (
        <StrokeShape key={i} stroke={stroke} />
      ))}
    </svg>
  );
}

const HIGHLIGHTER = 0.6;

export const StrokeShape = memo(function StrokeShape({ stroke }: { stroke: InkStroke }) {
  const isHighlighter = stroke.tool === 'highlighter';
  return (
    <path
      d={pathOf(stroke)}
      fill={stroke.colour}
      fillOpacity={isHighlighter ? HIGHLIGHTER : 1}
      // What is under a highlighter is read through it.
      className={isHighlighter ? 'mix-blend-multiply' : undefined}
    />
  );
});
