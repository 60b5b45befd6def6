export { LookBackScreen } from './LookBackScreen';
export { LookedBackOn } from './LookedBackOn';
export { NO_ANSWER } from './mergeSheets';
export { PromptSetsScreen } from './PromptSetsScreen';
export { SheetScreen } from './SheetScreen';
export { SheetsScreen } from './SheetsScreen';
export { useKept } from './useKept';
