export { type Choice, choiceOf, choicesOf, isOf, isOpen, stateOf } from './choices';
export { MarkBadge } from './MarkBadge';
export { MarkDialog } from './MarkDialog';
export { MarksScreen } from './MarksScreen';
export { placeOf } from './placeOf';
export { type Mark, ownMarksQuery } from './queries';
export { signElement } from './signElement';
export { type Marking, useMarks } from './useMarks';
