export { Heard } from './Heard';
