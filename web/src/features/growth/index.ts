export { GrowthScreen } from './GrowthScreen';
