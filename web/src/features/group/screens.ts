export { GroupsScreen } from './GroupsScreen';
