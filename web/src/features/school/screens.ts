export { SchoolScreen } from './SchoolScreen';
