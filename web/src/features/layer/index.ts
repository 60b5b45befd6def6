export { heardUnder, lastingOf, madeAtOf } from './heard';
export { InkEntry } from './InkEntry';
export { LayerDialog } from './LayerDialog';
export { LayerView } from './LayerView';
export { emptyLayer, type Layer, nameOf, type SpotThing, type Thing } from './things';
