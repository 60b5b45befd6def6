export { FileCard } from './FileCard';
export { FileDialog } from './FileDialog';
export { entryKindOf } from './fileKind';
