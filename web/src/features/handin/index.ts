export { askedQuery } from './queries';
export { SetWorkPanel } from './SetWorkPanel';
export { dueWords, STATE_WORDS } from './words';
