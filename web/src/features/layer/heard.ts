import { litAt } from '../../core/voice';
import { type Hearing, idTime, type SaidMoment } from '../voice';
import { topAt } from './edits';
import { placeOn, unitsAPx } from './pointer';
import type { Thing } from './things';

/** How far beside a thing a tap on it may be, in px of the screen. */
const REACH_PX = 10;

/** When a thing was made, in ms since 1970, where that is known: a stroke holds it, of others the id does. */
export function madeAtOf(thing: Thing): number | undefined {
  return thing.kind === 'ink' ? thing.madeAt : idTime(thing.id);
}

/** How long the making of a thing took, in ms. */
export const lastingOf = (thing: Thing): number => (thing.kind === 'ink' && thing.points.at(-1)?.[3]) || 0;

/** The moment at which the thing under a pointer was made. */
export function heardUnder(
  things: readonly Thing[],
  width: number,
  surface: Element,
  pointer: { clientX: number; clientY: number },
  hearing: Hearing | undefined,
): SaidMoment | undefined {
  const { x, y } = placeOn(surface, width, pointer);
  const hit = topAt(things, x, y, REACH_PX * unitsAPx(surface, width));
  return hit && hearing?.momentOf(madeAtOf(hit));
}

/** The things that light up at the moment that plays, by their places among all. */
export function litPlaces(things: readonly Thing[], hearing: Hearing): number[] {
  const playing = hearing.playing();
  if (!playing) return [];
  const meanwhile = things.flatMap((thing, place) => {
    const moment = hearing.momentOf(madeAtOf(thing));
    return moment?.recording === playing.recording ? [{ place, at: moment.at }] : [];
  });
  return [
    ...litAt(
      meanwhile.map((one) => one.at),
      playing.at,
    ),
  ].flatMap((i) => meanwhile[i]?.place ?? []);
}
