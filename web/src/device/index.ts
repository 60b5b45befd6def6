export { hold } from './locks';
export { forgetOpened, isKept, OPENED_MILLIS, opened } from './opened';
export type { Change } from './store';
export { OutboxProvider, useOutbox } from './useOutbox';
