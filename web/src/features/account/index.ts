export { AccountScreen } from './AccountScreen';
export { FirstVisitScreen } from './FirstVisitScreen';
