export { ErrorScreen } from './ErrorScreen';
export { HomeScreen } from './HomeScreen';
export { rulerQuery } from './queries';
export { Shell } from './Shell';
