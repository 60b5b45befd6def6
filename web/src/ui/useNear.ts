import { type RefObject, useEffect, useState } from 'react';

/** How far outside the window something is made ready, so that scrolling never shows it unready. */
const MARGIN = '100% 0px';

/** Whether something is or was near the window; what is far down a long page waits until it is scrolled to. */
export function useNear(thing: RefObject<Element | null>): boolean {
  const [isNear, setNear] = useState(typeof IntersectionObserver === 'undefined');
  useEffect(() => {
    if (isNear || !thing.current) return;
    const observer = new IntersectionObserver(
      (seen) => seen.some((one) => one.isIntersecting) && setNear(true),
      { rootMargin: MARGIN },
    );
    observer.observe(thing.current);
    return () => observer.disconnect();
  }, [thing, isNear]);
  return isNear;
}
