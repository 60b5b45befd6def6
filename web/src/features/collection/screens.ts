export { CollectionScreen } from './CollectionScreen';
export { CollectionsScreen } from './CollectionsScreen';
