export { CollectionScreen } from './CollectionScreen';
export { CollectionsScreen } from './CollectionsScreen';
export { resourcesQuery } from './queries';
