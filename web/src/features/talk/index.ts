export { TalkDialog } from './TalkDialog';
export { type Surface, type Talk, talksOf } from './talk';
