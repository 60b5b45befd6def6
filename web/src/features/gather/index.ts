export { FilesOut } from './FilesOut';
export { GatherDialog } from './GatherDialog';
export { isListFile, tableIn } from './listFiles';
