export { BenchesWaiting } from './BenchesWaiting';
export { PhoneScreen } from './PhoneScreen';
export { PhotoSetView } from './PhotoSetView';
export { contentOf, isSet, pagesOf, type SetPage } from './photoSet';
export { picturesOf } from './picture';
export { ScanScreen } from './ScanScreen';
export { useCamera } from './useCamera';
export { useOpenBench } from './useOpenBench';
