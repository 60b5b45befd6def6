export { BagsScreen } from './BagsScreen';
