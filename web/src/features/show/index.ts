export { ShownList } from './ShownList';
export { ShowTo } from './ShowTo';
export { useSeenBy } from './useSeenBy';
