export { SetWorkScreen } from './SetWorkScreen';
