export { BinScreen } from './BinScreen';
export { ContentsPanel } from './ContentsPanel';
export { NeedleScreen } from './NeedleScreen';
export { NotebookScreen } from './NotebookScreen';
export { PagePicker } from './PagePicker';
export { contentsQuery, needleQuery, notebooksQuery, useNotebook } from './queries';
export { SectionScreen } from './SectionScreen';
export { UnfiledScreen } from './UnfiledScreen';
