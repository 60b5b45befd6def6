export { EditionScreen } from './EditionScreen';
