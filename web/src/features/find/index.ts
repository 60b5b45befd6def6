export { FindBox } from './FindBox';
