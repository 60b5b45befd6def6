export { FindBox } from './FindBox';
export { findQuery } from './queries';
