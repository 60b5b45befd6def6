import { getStroke } from 'perfect-freehand';

/** A sample of the pen: x and y in px of the drawing, pressure from 0 to 1, ms since the stroke began. */
export type Sample = [x: number, y: number, pressure: number, millis: number];
export type InkStroke = { tool: 'pen' | 'highlighter'; colour: string; width: number; points: Sample[] };
export type InkDrawing = { width: number; height: number; strokes: InkStroke[] };

/** The outline of a stroke as an SVG path. */
export function strokePath(stroke: InkStroke): string {
  const outline = getStroke(stroke.points, {
    size: stroke.width,
    thinning: stroke.tool === 'pen' ? 0.6 : 0,
    smoothing: 0.5,
    streamline: 0.3,
    simulatePressure: false,
  });
  return outline.length ? `M${outline.map(([x, y]) => `${x?.toFixed(1)} ${y?.toFixed(1)}`).join('L')}Z` : '';
}

/** The strokes that an eraser at a place does not touch; `reach` is its radius in px. */
export const without = (strokes: readonly InkStroke[], x: number, y: number, reach: number): InkStroke[] =>
  strokes.filter(
    (stroke) => !stroke.points.some(([px, py]) => Math.hypot(px - x, py - y) <= reach + stroke.width / 2),
  );

/** A number short enough to keep: a hundredth of a px is finer than any pen. */
export const short = (value: number) => Math.round(value * 100) / 100;
