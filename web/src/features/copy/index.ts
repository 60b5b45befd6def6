export { SaveCopies } from './SaveCopies';
