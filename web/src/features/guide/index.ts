export { GuideScreen } from './GuideScreen';
