import { type RefObject, useLayoutEffect } from 'react';

/** From this width on the columns of a page stand side by side, in px; below it they follow each other. */
const SIDE_BY_SIDE = '(min-width: 640px)';

/**
 * Keeps each note of a column level with the passage or entry that it stands beside, as far as the note above it leaves
 * room. The notes are the column's children with `data-beside`.
 */
export function useBeside(column: RefObject<HTMLElement | null>, isColumn: boolean) {
  // After every rendering: a note that came or went moves those below it.
  useLayoutEffect(() => {
    const box = column.current;
    const page = box?.closest('article');
    if (!isColumn || !box || !page || typeof ResizeObserver === 'undefined') return;
    const level = () => {
      const isSideBySide = matchMedia(SIDE_BY_SIDE).matches;
      let bottom = box.getBoundingClientRect().top;
      for (const note of box.querySelectorAll<HTMLElement>('[data-beside]')) {
        const place = isSideBySide ? targetIn(page, note.dataset.beside ?? '') : undefined;
        const gap = place ? Math.max(0, place.getBoundingClientRect().top - bottom) : 0;
        const margin = `${Math.round(gap)}px`;
        if (note.style.marginTop !== margin) note.style.marginTop = margin;
        bottom = note.getBoundingClientRect().bottom;
      }
    };
    level();
    const observer = new ResizeObserver(level);
    for (const part of page.querySelectorAll('[data-entry]')) observer.observe(part);
    return () => observer.disconnect();
  });
}

const targetIn = (page: Element, place: string) =>
  place
    ? page.querySelector(`[data-passage="${CSS.escape(place)}"], #entry-${CSS.escape(place)}`)
    : undefined;
