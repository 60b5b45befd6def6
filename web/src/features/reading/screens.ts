export { LinksScreen } from './LinksScreen';
