export { OpenSealScreen } from './OpenSealScreen';
