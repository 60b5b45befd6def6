export { documentText } from './documentText';
export type { TextMarking } from './marking';
export { type Note, NoteField } from './NoteField';
export { ProseView } from './ProseView';
export { passageText } from './passageText';
export { type Look, linesOf, placed, type Stretch, selectedIn, sentencesOf } from './placed';
export type { TextHearing } from './said';
export { TypedEntry } from './TypedEntry';
export { wordsOf } from './wordsOf';
