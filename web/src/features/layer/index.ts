export { heardUnder, lastingOf, madeAtOf } from './heard';
export { InkEntry, PaperLines, thingOf } from './InkEntry';
export { LayerDialog } from './LayerDialog';
export { LayerView } from './LayerView';
export { Things } from './Things';
export { emptyLayer, type Layer, nameOf, type SpotThing, type Thing } from './things';
