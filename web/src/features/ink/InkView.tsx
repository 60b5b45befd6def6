import { type MouseEvent, memo, type ReactNode } from 'react';
import type { InkDrawing, InkStroke } from './ink';
import { pathOf } from './live';

type Props = {
  drawing: InkDrawing;
  title: string;
  /** What is drawn behind the strokes. */
  under?: ReactNode;
  onPress?: (event: MouseEvent<SVGSVGElement>) => void;
  onTap?: (event: MouseEvent<SVGSVGElement>) => void;
};

/** A drawing as it is kept, at the width that it is given. */
export function InkView({ drawing, title, under, onPress, onTap }: Props) {
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: by keys, strokes are chosen and heard on the open surface
    <svg
      viewBox={`0 0 ${drawing.width} ${drawing.height}`}
      className="block w-full rounded-md border border-line bg-sheet"
      role="img"
      aria-label={title || 'Drawing'}
      onMouseDown={onPress}
      onClick={onTap}
    >
      {under}
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
