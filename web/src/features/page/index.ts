export { GoToPage } from './GoToPage';
export { PageScreen } from './PageScreen';
