export { documentText } from './documentText';
export { ProseView } from './ProseView';
export { TypedEntry } from './TypedEntry';
