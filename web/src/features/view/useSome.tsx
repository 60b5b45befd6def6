import { type ReactNode, useEffect, useRef, useState } from 'react';
import { useNear } from '../../ui';
import type { Look } from './look';

/** As many things as a screen shows, with some to scroll to. */
const AT_ONCE = 60;

/** The first of many things, and more when their end comes near the window; another look begins anew. */
export function useSome<Thing>(
  all: readonly Thing[],
  look: Look,
): { some: readonly Thing[]; more: ReactNode } {
  const [seen, setSeen] = useState({ look, count: AT_ONCE });
  const count = seen.look === look ? seen.count : AT_ONCE;
  return {
    some: all.length > count ? all.slice(0, count) : all,
    more: all.length > count && (
      <More key={count} onNear={() => setSeen({ look, count: count + AT_ONCE })}>
        {count} of {all.length}
      </More>
    ),
  };
}

function More({ onNear, children }: { onNear: () => void; children: ReactNode }) {
  const end = useRef<HTMLParagraphElement>(null);
  const isNear = useNear(end);
  const come = useRef(onNear);
  come.current = onNear;
  useEffect(() => {
    if (isNear) come.current();
  }, [isNear]);
  return (
    <p ref={end} className="p-2 text-[13px] text-soft">
      {children}
    </p>
  );
}
