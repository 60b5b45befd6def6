export { hold } from './locks';
export type { Outbox } from './Outbox';
export { forgetForGood, forgetOpened, isWorthKeeping, OPENED_MILLIS, opened } from './opened';
export { forgetShared, type SharedFile, sharedFiles } from './shared';
export type { Act, Change, TakeWork, WaitingFile } from './store';
export { useKeeping } from './useKeeping';
export { useMediaUrl } from './useMediaUrl';
export { OutboxProvider, useOutbox } from './useOutbox';
