/** A sample of the pen: x and y in px of the drawing, pressure from 0 to 1, ms since the stroke began, tilt in degrees. */
export type Sample = [x: number, y: number, pressure: number, millis: number, tilt?: number];
export type InkStroke = {
  tool: 'pen' | 'highlighter';
  colour: string;
  width: number;
  points: Sample[];
  /** When it was begun, in ms since 1970. */
  madeAt?: number;
};
export type InkDrawing = { width: number; height: number; strokes: InkStroke[] };

/** A number short enough to keep: a hundredth of a px is finer than any pen. */
export const short = (value: number) => Math.round(value * 100) / 100;
