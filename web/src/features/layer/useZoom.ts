import { type PointerEvent, useLayoutEffect, useRef, useState } from 'react';

const ZOOMS = [0.5, 0.7, 1, 1.5, 2, 3, 4];
const SMALLEST = 0.5;
const LARGEST = 4;

type Point = { x: number; y: number };

/** How large a surface is shown, and which part of it; two fingers move and stretch it where one draws. */
export function useZoom() {
  const [zoom, setZoom] = useState(1);
  const scroller = useRef<HTMLDivElement>(null);
  const fingers = useRef(new Map<number, Point>());
  /** What stays where it is on the screen when the size changes: a share of the surface, and where it is seen. */
  const anchor = useRef<{ share: Point; at: Point }>(undefined);

  // biome-ignore lint/correctness/useExhaustiveDependencies: what is seen is put right after each change of size
  useLayoutEffect(() => {
    const box = scroller.current;
    if (!box || !anchor.current) return;
    const { share, at } = anchor.current;
    box.scrollLeft = share.x * box.scrollWidth - at.x;
    box.scrollTop = share.y * box.scrollHeight - at.y;
  }, [zoom]);

  const zoomTo = (wanted: number, at?: Point) => {
    const box = scroller.current;
    if (box) {
      const seen = at ?? { x: box.clientWidth / 2, y: box.clientHeight / 2 };
      const share = {
        x: (box.scrollLeft + seen.x) / box.scrollWidth,
        y: (box.scrollTop + seen.y) / box.scrollHeight,
      };
      anchor.current = { share, at: seen };
    }
    setZoom(Math.min(LARGEST, Math.max(SMALLEST, wanted)));
  };
  const next = ZOOMS.find((one) => one > zoom + 0.01);
  const before = ZOOMS.findLast((one) => one < zoom - 0.01);

  const seenAt = (event: PointerEvent): Point => {
    const box = scroller.current?.getBoundingClientRect();
    return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) };
  };
  return {
    zoom,
    scroller,
    zoomTo,
    larger: next === undefined ? undefined : () => zoomTo(next),
    smaller: before === undefined ? undefined : () => zoomTo(before),
    /** Whether a second finger is down, so that nothing is drawn. */
    fingerDown: (event: PointerEvent): boolean => {
      if (event.pointerType !== 'touch') return false;
      fingers.current.set(event.pointerId, seenAt(event));
      return fingers.current.size > 1;
    },
    fingerUp: (event: PointerEvent) => fingers.current.delete(event.pointerId),
    /** Moves and stretches with two fingers; false where there is one. */
    fingerMove: (event: PointerEvent): boolean => {
      const before = fingers.current.get(event.pointerId);
      const other = [...fingers.current].find(([id]) => id !== event.pointerId)?.[1];
      const box = scroller.current;
      if (!before || !other || !box) return false;
      const now = seenAt(event);
      fingers.current.set(event.pointerId, now);
      box.scrollLeft -= (now.x - before.x) / 2;
      box.scrollTop -= (now.y - before.y) / 2;
      const stretch = distance(now, other) / Math.max(1, distance(before, other));
      zoomTo(zoom * stretch, { x: (now.x + other.x) / 2, y: (now.y + other.y) / 2 });
      return true;
    },
  };
}

const distance = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);
