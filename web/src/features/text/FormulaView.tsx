import katex from 'katex';
import { useEffect, useRef } from 'react';

/** A formula set from its TeX; TeX that can't be set is shown as it was typed. */
export function FormulaView({ tex, isOwnLine }: { tex: string; isOwnLine: boolean }) {
  const place = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    // KaTeX builds nodes rather than markup, so nothing that was typed can become markup.
    if (place.current)
      katex.render(tex, place.current, { displayMode: isOwnLine, throwOnError: false, trust: false });
  }, [tex, isOwnLine]);
  return <span ref={place} className={isOwnLine ? 'block' : ''} />;
}
