export { WeekScreen } from './WeekScreen';
