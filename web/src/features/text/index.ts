export { documentText } from './documentText';
export type { TextMarking } from './marking';
export { ProseView } from './ProseView';
export type { TextHearing } from './said';
export { passageText } from './passageText';
export { TypedEntry } from './TypedEntry';
export { wordsOf } from './wordsOf';
