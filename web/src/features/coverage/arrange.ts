import type { Api } from '../../api';
import type { EvidenceKind } from '../../ui';

export type Topic = Api['TopicView'];

/** How the rows are sorted; by syllabus they stand under their units. */
export const ORDERS = {
  SYLLABUS: 'by syllabus',
  STANDING: 'most pressing first',
  WEIGHT: 'heaviest first',
  PLAN: 'by plan',
};
export type Order = keyof typeof ORDERS;

/** Which rows are shown, by where they stand. */
export const STATES = {
  ANY: 'anywhere',
  MISSING: 'late or nothing yet',
  SOON: 'to be seen to',
  OPEN: 'this week',
  AHEAD: 'planned',
  GOOD: 'solid',
};
export type State = keyof typeof STATES;

export type Wish = {
  order: Order;
  state: State;
  without: EvidenceKind | '';
  tier: 'ANY' | 'CORE' | 'EXTENDED';
};

export const AS_IT_IS: Wish = { order: 'SYLLABUS', state: 'ANY', without: '', tier: 'ANY' };

const PRESSING: Topic['tone'][] = ['MISSING', 'SOON', 'OPEN', 'AHEAD', 'GOOD'];

/** The topics that a wish lets through, in its order. */
export function arranged(topics: Topic[], wish: Wish): Topic[] {
  const shown = topics.filter(
    (topic) =>
      (wish.state === 'ANY' || topic.tone === wish.state) &&
      (!wish.without || topic.evidence.every((one) => one.kind !== wish.without)) &&
      (wish.tier === 'ANY' || topic.points.some((point) => point.tier === wish.tier)),
  );
  const key = (topic: Topic) => placeIn(wish.order, topic);
  return shown.toSorted((one, other) => (key(one) === key(other) ? 0 : key(one) - key(other)));
}

function placeIn(order: Order, topic: Topic): number {
  if (order === 'STANDING') return PRESSING.indexOf(topic.tone);
  if (order === 'WEIGHT') return -topic.weight;
  return order === 'PLAN' ? (topic.plan?.firstWeek ?? Number.POSITIVE_INFINITY) : 0;
}
