export { hold } from './locks';
export type { Change } from './store';
export { OutboxProvider, useOutbox } from './useOutbox';
