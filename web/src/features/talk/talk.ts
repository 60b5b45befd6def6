import * as core from '../../core/voice';
import { lastingOf, madeAtOf, type Thing } from '../layer';
import { type Sound, takeOf } from '../voice';

/** A surface that may have been drawn on while somebody talked. */
export type Surface = {
  width: number;
  height: number;
  things: readonly Thing[];
  /** The address of the picture under it; without one it is paper. */
  picture?: string;
  /** Which page of its entry it is. */
  at: number;
};

/** A surface with the recording that ran when it was drawn on. */
export type Talk = { surface: Surface; sound: Sound; through: core.TalkThrough };

/** The surfaces and recordings that belong together: something was drawn while one ran. */
export const talksOf = (surfaces: readonly Surface[], sounds: readonly Sound[]): Talk[] =>
  sounds.flatMap((sound) =>
    surfaces
      .map((surface) => ({ surface, sound, through: throughOf(surface, sound) }))
      .filter(({ through }) => through.isDrawn()),
  );

function throughOf({ things }: Surface, { content }: Sound): core.TalkThrough {
  const stretches = takeOf(content).stretches.flatMap((one) => [one.startedAt, one.length]);
  return core.talkThrough(
    stretches,
    things.map((thing) => madeAtOf(thing) ?? Number.NaN),
    things.map(lastingOf),
  );
}

const WHOLE = 2147483647;

/** What is on a surface at a moment in ms: things that are begun, a stroke as far as it is drawn. */
export function drawnAt({ surface, through }: Talk, moment: number): Thing[] {
  const shown = through.shownAt(moment);
  return surface.things.flatMap((thing, place) => {
    const millis = shown[place] ?? WHOLE;
    if (millis < 0) return [];
    return millis === WHOLE || thing.kind !== 'ink'
      ? [thing]
      : [{ ...thing, points: begun(thing.points, millis) }];
  });
}

const begun = <Point extends readonly (number | undefined)[]>(points: Point[], millis: number): Point[] => {
  const drawn = points.filter((point) => (point[3] ?? 0) <= millis);
  return drawn.length > 0 ? drawn : points.slice(0, 1);
};
