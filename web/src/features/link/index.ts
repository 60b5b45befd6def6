export { LinkCard } from './LinkCard';
export { LinkDialog } from './LinkDialog';
