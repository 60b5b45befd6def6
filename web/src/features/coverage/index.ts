export { CoverageScreen } from './CoverageScreen';
export { coverageQuery } from './queries';
