import { useRef } from 'react';

/**
 * Tells a change of a part of something, together with those that were told before it: two that follow each other closely
 * both stand, though what is shown has not been renewed between them.
 */
export function useParts<Whole>(
  whole: Whole,
  onTell: (whole: Whole) => void,
): (part: Partial<Whole> | ((latest: Whole) => Partial<Whole>)) => void {
  const latest = useRef(whole);
  const shown = useRef(whole);
  if (shown.current !== whole) {
    shown.current = whole;
    latest.current = whole;
  }
  return (part) => {
    const { current } = latest;
    latest.current = { ...current, ...(typeof part === 'function' ? part(current) : part) };
    onTell(latest.current);
  };
}
