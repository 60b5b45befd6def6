export { NewNotebookScreen } from './NewNotebookScreen';
export { type Syllabus, SyllabusWays } from './SyllabusWays';
