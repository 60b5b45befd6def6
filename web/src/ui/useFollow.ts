import type { MouseEvent } from 'react';
import { useNavigate } from 'react-router';

/** Follows the plain links in an element without a new page: of the router's own, each of thousands would cost work of its own. */
export function useFollow() {
  const go = useNavigate();
  return (event: MouseEvent<HTMLElement>) => {
    const link = (event.target as Element).closest('a[href]');
    const isPlain = !event.ctrlKey && !event.metaKey && !event.shiftKey && !event.altKey;
    if (!link || !isPlain || event.defaultPrevented) return;
    event.preventDefault();
    go(link.getAttribute('href') ?? '');
  };
}
