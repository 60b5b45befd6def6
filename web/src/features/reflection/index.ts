export { SheetScreen } from './SheetScreen';
export { SheetsScreen } from './SheetsScreen';
