export { AskedLinks } from './AskedLinks';
export { GiveLink } from './GiveLink';
export { LinkRuleCard } from './LinkRuleCard';
export { useGivingLink } from './useGivingLink';
