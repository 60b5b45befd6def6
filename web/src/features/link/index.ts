export { ClipFrame } from './ClipFrame';
export { ClipPlayer } from './ClipPlayer';
export { LinkCard } from './LinkCard';
export { LinkDialog } from './LinkDialog';
export { webAddress } from './webAddress';
