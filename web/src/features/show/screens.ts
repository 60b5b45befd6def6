export { ShownScreen } from './ShownScreen';
