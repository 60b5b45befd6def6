import { type Sample, short } from '../ink';
import type { Place } from './gestures';

/** How many units of a surface one px of the screen is. */
export function unitsAPx(surface: Element | null, width: number): number {
  const box = surface?.getBoundingClientRect();
  return box?.width ? width / box.width : 1;
}

/** Where a pointer is, in units of the surface. */
export function placeOn(
  surface: Element | null,
  width: number,
  pointer: { clientX: number; clientY: number },
): Place {
  const box = surface?.getBoundingClientRect();
  const scale = unitsAPx(surface, width);
  return {
    x: short((pointer.clientX - (box?.left ?? 0)) * scale),
    y: short((pointer.clientY - (box?.top ?? 0)) * scale),
  };
}

/** A sample of the pen at a place; `beganAt` is the time stamp with which its stroke began. */
export function sampleAt(event: PointerEvent, { x, y }: Place, beganAt: number): Sample {
  // A mouse has no pressure; half is a pen held lightly.
  const pressure = event.pointerType === 'mouse' ? 0.5 : short(Math.min(1, Math.max(0, event.pressure)));
  const millis = Math.max(0, Math.round(event.timeStamp - beganAt));
  const tilt = tiltOf(event);
  return tilt > 0 ? [x, y, pressure, millis, tilt] : [x, y, pressure, millis];
}

/** How far a pen leans, in degrees from upright. */
function tiltOf({ tiltX, tiltY }: PointerEvent): number {
  if (!tiltX && !tiltY) return 0;
  const tangent = (degrees: number) => Math.tan((degrees * Math.PI) / 180);
  return Math.round((Math.atan(Math.hypot(tangent(tiltX), tangent(tiltY))) * 180) / Math.PI);
}
