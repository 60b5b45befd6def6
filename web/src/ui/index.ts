export { AtWork } from './AtWork';
export { Button, Key, TextButton } from './Button';
export { Card, Empty } from './Card';
export { Dialog } from './Dialog';
export { ChoiceField, TextField, Trouble } from './Field';
export { Heading } from './Heading';
export { Menu, MenuItem } from './Menu';
export { moved } from './moved';
export { OrderButtons } from './OrderButtons';
export { OrderedFields } from './OrderedFields';
export { Radios } from './Radios';
export {
  applyReading,
  chooseReading,
  FONTS,
  keptReading,
  LEADINGS,
  type Reading,
  SIZES_PX,
} from './reading';
export { type EvidenceKind, evidenceOf, KIND_NAMES, Shape } from './Shape';
export { TableFiles } from './TableFiles';
export { Tick } from './Tick';
export { applyTheme, chooseTheme, currentTheme, THEMES, type Theme } from './theme';
export { offerUndo, UndoBar } from './undo';
export { useFollow } from './useFollow';
export { isTyping, useKeys } from './useKeys';
export { useNear } from './useNear';
export { useOrdered } from './useOrdered';
export { useParts } from './useParts';
export { useStable } from './useStable';
export { WeekNumbers } from './WeekNumbers';
export { WordRange } from './WordRange';
export {
  clockTime,
  countWords,
  dayName,
  fileSize,
  length,
  moment,
  percent,
  plural,
  wordsPlace,
} from './words';
