export { ReferenceList } from './ReferenceList';
export { SourceFields } from './SourceFields';
export { SourceLine } from './SourceLine';
export { StyleField } from './StyleField';
export { TRUST_NAMES } from './sourceWords';
export { UNKNOWN_SOURCE } from './unknown';
export { useStyle } from './useStyle';
