export { LookBackScreen } from './LookBackScreen';
export { LookedBackOn } from './LookedBackOn';
export { PromptSetsScreen } from './PromptSetsScreen';
export { SheetScreen } from './SheetScreen';
export { SheetsScreen } from './SheetsScreen';
