export { groupsQuery } from './queries';
