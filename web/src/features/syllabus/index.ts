export { FileTrouble } from './Breaches';
export { editionQuery, editionsQuery, syllabusQuery } from './queries';
export { SyllabiScreen } from './SyllabiScreen';
export { SyllabusImport } from './SyllabusImport';
export { SyllabusScreen } from './SyllabusScreen';
