export { CollectionScreen } from './CollectionScreen';
export { CollectionsScreen } from './CollectionsScreen';
export { SharedScreen } from './SharedScreen';
