export { KeepInCollection, type Kept, keptEntry } from './KeepInCollection';
export { PlacedView, PlaceViewDialog } from './onPages';
export { collectionsQuery, resourcesQuery } from './queries';
