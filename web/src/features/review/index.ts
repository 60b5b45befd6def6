export { ReviewPanel } from './ReviewPanel';
