export { DetailDialog } from './DetailDialog';
export type { Collection, Item } from './details';
export { KeptViewsBar } from './KeptViewsBar';
export { Shapes } from './Shapes';
export { ShapeTabs } from './ShapeTabs';
export { ThingDialog } from './ThingDialog';
export { useLook } from './useLook';
export { useThings } from './useThings';
export { ViewBar } from './ViewBar';
