export { heardUnder, lastingOf, madeAtOf } from './heard';
export { InkEntry, PaperLines, strokesOf, thingOf } from './InkEntry';
export { LayerDialog } from './LayerDialog';
export { LayerView } from './LayerView';
export { Surface } from './Surface';
export { Things } from './Things';
export { emptyLayer, type Layer, nameOf, type SpotThing, type Thing } from './things';
export { DRAWING } from './tools';
export { useHistory } from './useHistory';
