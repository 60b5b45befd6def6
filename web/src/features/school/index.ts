export { KeeperPanel } from './KeeperPanel';
export { SchoolScreen } from './SchoolScreen';
