export { KeeperPanel } from './KeeperPanel';
