export { SetWorkPanel } from './SetWorkPanel';
export { dueWords, latestOf, STATE_WORDS } from './words';
