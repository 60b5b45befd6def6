import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { useKeys } from '../../ui';
import { leftOf, turned } from './leaves';

/** From this width on two leaves lie open beside each other. */
const TWO_LEAVES = '(min-width: 1280px)';

/** How far a finger goes before it turns a leaf, in px. */
const SWIPE_PX = 60;

const SMALLEST = 0.8;
const LARGEST = 2;
const STEP = 0.2;

type Ways = {
  count: number;
  /** Something else lies on top of it, so that no leaf is turned. */
  isStill: boolean;
  onBefore?: () => void;
  onAfter?: () => void;
  onClose: () => void;
};

/** Turns the leaves of a book by keys, fingers or a clicker, and makes them larger. */
export function useLeafing({ count, isStill, onBefore, onAfter, onClose }: Ways) {
  const open = useOpenLeaves();
  const [leaf, setLeaf] = useState(0);
  const [size, setSize] = useState(1);
  const [isLarge, setLarge] = useState(false);
  const from = useRef<{ x: number; y: number }>(undefined);
  const at = leftOf(leaf, open);
  const turn = (by: 1 | -1) => () => {
    if (isStill) return;
    const to = turned(at, by, open, count);
    if (to === 'before') onBefore?.();
    else if (to === 'after') onAfter?.();
    else setLeaf(to);
  };
  const larger = (by: number) => () =>
    setSize((now) => Math.min(LARGEST, Math.max(SMALLEST, Math.round((now + by) * 10) / 10)));
  const fullScreen = () => {
    if (document.fullscreenElement) void document.exitFullscreen();
    else void document.documentElement.requestFullscreen?.();
  };
  useEffect(() => {
    const look = () => setLarge(!!document.fullscreenElement);
    document.addEventListener('fullscreenchange', look);
    return () => document.removeEventListener('fullscreenchange', look);
  }, []);
  useKeys({
    arrowright: turn(1),
    pagedown: turn(1),
    ' ': turn(1),
    arrowleft: turn(-1),
    pageup: turn(-1),
    home: () => setLeaf(0),
    end: () => setLeaf(count - 1),
    '+': larger(STEP),
    '-': larger(-STEP),
    f: fullScreen,
    escape: onClose,
  });
  return {
    at,
    open,
    size,
    isLarge,
    next: turn(1),
    before: turn(-1),
    larger: larger(STEP),
    smaller: larger(-STEP),
    fullScreen,
    /** For the leaves themselves: a finger that goes to the side turns them. */
    fingers: {
      onPointerDown: (event: PointerEvent) => {
        from.current = event.pointerType === 'touch' ? { x: event.clientX, y: event.clientY } : undefined;
      },
      onPointerUp: (event: PointerEvent) => {
        const begun = from.current;
        from.current = undefined;
        if (!begun) return;
        const across = event.clientX - begun.x;
        if (Math.abs(across) > SWIPE_PX && Math.abs(across) > 2 * Math.abs(event.clientY - begun.y))
          turn(across < 0 ? 1 : -1)();
      },
    },
  };
}

/** How many leaves lie open on this screen. */
function useOpenLeaves() {
  const [open, setOpen] = useState(() => leavesFor(matchMedia(TWO_LEAVES)));
  useEffect(() => {
    const wide = matchMedia(TWO_LEAVES);
    const look = () => setOpen(leavesFor(wide));
    wide.addEventListener?.('change', look);
    return () => wide.removeEventListener?.('change', look);
  }, []);
  return open;
}

const leavesFor = ({ matches }: { matches: boolean }) => (matches ? 2 : 1);
