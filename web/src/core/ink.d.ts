/** The core's rules for ink, compiled to JavaScript (see `browser/`). Samples are x, y, pressure, ms and tilt, flat. */
export type LiveStroke = {
  /** The rings of its outline, each as x and y of its corners, flat. */
  outline(): Float64Array[];
  /** The samples that are kept of it. */
  settled(): Float64Array;
  /** The samples of the figure that it was meant to be; none where it looks like none. */
  shape(): Float64Array;
  isNear(x: number, y: number, reach: number): boolean;
  /** Whether an eraser touches it that goes along a path of x and y. */
  isTouched(path: number[], radius: number): boolean;
  /** The samples of each piece that such an eraser leaves. */
  leftBy(path: number[], radius: number): Float64Array[];
  /** Whether a loop of x and y holds it. */
  isHeld(loop: number[]): boolean;
  /** Left, top, right and bottom. */
  bounds(): Float64Array;
};

export function stroke(isHighlighter: boolean, width: number, samples: number[]): LiveStroke;

/** How wide and how high words of a size are. */
export function room(size: number, words: string): Float64Array;
