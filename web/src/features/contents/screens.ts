export { BinScreen } from './BinScreen';
export { NeedleScreen } from './NeedleScreen';
export { NotebookScreen } from './NotebookScreen';
export { SectionScreen } from './SectionScreen';
export { UnfiledScreen } from './UnfiledScreen';
