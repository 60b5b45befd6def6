export { ClassScreen } from './ClassScreen';
export { CoverageScreen } from './CoverageScreen';
export { coverageQuery } from './queries';
export { StudentScreen } from './StudentScreen';
