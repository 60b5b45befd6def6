export { LookBackScreen } from './LookBackScreen';
export { LookedBackOn } from './LookedBackOn';
export { type Answer as WrittenAnswer, mergeAnswerLists, NO_ANSWER } from './mergeSheets';
export { PromptSetsScreen } from './PromptSetsScreen';
export { RangeGauge } from './RangeGauge';
export { SheetScreen } from './SheetScreen';
export { SheetsScreen } from './SheetsScreen';
export { useKept, type Version } from './useKept';
