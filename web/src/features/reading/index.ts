export { GiveLink } from './GiveLink';
export { useGivingLink } from './useGivingLink';
