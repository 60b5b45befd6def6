export { ContentsPanel } from './ContentsPanel';
export { PagePicker } from './PagePicker';
export { contentsQuery, needleQuery, notebooksQuery, useNotebook } from './queries';
export { inOrder } from './sections';
