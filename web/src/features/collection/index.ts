export { KeepInCollection } from './KeepInCollection';
export { collectionsQuery, resourcesQuery } from './queries';
