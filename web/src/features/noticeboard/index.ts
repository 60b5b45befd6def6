export { ShowToClass } from './ShowToClass';
