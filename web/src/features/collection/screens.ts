export { CollectionScreen } from './CollectionScreen';
export { CollectionsScreen } from './CollectionsScreen';
export { GoToThing } from './GoToThing';
export { SharedScreen } from './SharedScreen';
