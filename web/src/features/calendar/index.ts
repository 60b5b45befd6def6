export { schoolYearsQuery } from './queries';
export { SchoolYearsScreen } from './SchoolYearsScreen';
