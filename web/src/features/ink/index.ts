export { InkMenu } from './InkMenu';
export { InkView, StrokeShape } from './InkView';
export { type InkDrawing, type InkStroke, type Sample, short } from './ink';
export { type Bounds, boundsOf, cutBy, isHeldBy, isNear, isTouchedBy, pathOf, settled, shaped } from './live';
