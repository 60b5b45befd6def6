export { SyllabusFromText } from './SyllabusFromText';
