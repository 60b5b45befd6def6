export { GrowthScreen } from './GrowthScreen';
export { thenAndNowsQuery } from './queries';
