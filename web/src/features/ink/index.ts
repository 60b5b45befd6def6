export { InkEntry } from './InkEntry';
export { InkMenu } from './InkMenu';
export { InkView } from './InkView';
export type { InkDrawing } from './ink';
