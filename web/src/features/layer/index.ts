export { InkEntry } from './InkEntry';
export { LayerDialog } from './LayerDialog';
export { LayerView } from './LayerView';
export { emptyLayer, type Layer, type SpotThing, type Thing } from './things';
