import type { Api } from '../../api';

export const ORDERS = {
  own: 'My own order',
  title: 'By title',
  oldest: 'Oldest first',
  newest: 'Newest first',
} as const;
export type Order = keyof typeof ORDERS;

/** The pages of a section in an order; their own order is the one that they come in. */
export function pagesInOrder(pages: Api['PageLine'][], order: Order): Api['PageLine'][] {
  if (order === 'own') return pages;
  const sorted = [...pages];
  if (order === 'title')
    return sorted.sort((a, b) => a.title.localeCompare(b.title, 'en', { numeric: true }));
  sorted.sort((a, b) => a.day.localeCompare(b.day));
  return order === 'oldest' ? sorted : sorted.reverse();
}

const KEPT = 'notchbook.page-order';

/** The order that was chosen on this device. */
export const keptOrder = (): Order => {
  const kept = localStorage.getItem(KEPT) ?? '';
  return kept in ORDERS ? (kept as Order) : 'own';
};

export const keepOrder = (order: Order) => localStorage.setItem(KEPT, order);
