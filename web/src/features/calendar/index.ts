export { SchoolYearsScreen } from './SchoolYearsScreen';
