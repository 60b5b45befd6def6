export { hold } from './locks';
export { forgetOpened, isKept, OPENED_MILLIS, opened } from './opened';
export type { Change } from './store';
export { useKeeping } from './useKeeping';
export { OutboxProvider, useOutbox } from './useOutbox';
