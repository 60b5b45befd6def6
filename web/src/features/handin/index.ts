export { CheckScreen } from './CheckScreen';
export { GoToHandIn } from './GoToHandIn';
export { HandInScreen } from './HandInScreen';
export { HandInsScreen } from './HandInsScreen';
export { askedQuery } from './queries';
export { SetWorkPanel } from './SetWorkPanel';
export { SetWorkScreen } from './SetWorkScreen';
export { VersionScreen } from './VersionScreen';
export { dueWords, STATE_WORDS } from './words';
