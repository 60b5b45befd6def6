export { LinkCard } from './LinkCard';
export { LinkDialog } from './LinkDialog';
export { webAddress } from './webAddress';
