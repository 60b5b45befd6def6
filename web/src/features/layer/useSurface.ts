import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Sample, short } from '../ink';
import { beginning, drawn, type Gesture, held, looped, made, type Place, preview, rub } from './gestures';
import { placeOn, sampleAt, unitsAPx } from './pointer';
import { surfaceKeys } from './surfaceKeys';
import { hasWords, type Thing } from './things';
import { notePen, type Tools } from './tools';
import type { Surfaced } from './useHistory';
import type { useZoom } from './useZoom';

/** How long the pen is held still before its stroke becomes a figure, and how much it may tremble, in px. */
const STILL_MILLIS = 550;
const STILL_PX = 4;

/** How far beside a thing a tap may be, and the corner by which what is chosen is stretched, in px of the screen. */
const REACH_PX = 8;
const CORNER_PX = 14;

/** The eraser end of a pen. */
const ERASER_BUTTON = 32;

type Options = {
  width: number;
  height: number;
  history: Surfaced;
  tools: Tools;
  zoom: ReturnType<typeof useZoom>;
  isPenOnly: boolean;
  onPen: () => void;
};

/** What happens on a surface: what is chosen, what a hand is about, what keys do. */
export function useSurface({ width, height, history, tools, zoom, isPenOnly, onPen }: Options) {
  const { things, put } = history;
  const svg = useRef<SVGSVGElement>(null);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [gesture, setGesture] = useState<Gesture>();
  /** A label or callout that has no words yet, and so is not kept. */
  const [draft, setDraft] = useState<Thing>();
  /** What was put just now, and may be meant to be worded at once. */
  const [fresh, setFresh] = useState<string>();
  /** Where the browser thinks that the pen is by the time the line is seen; drawn and never kept. */
  const [ahead, setAhead] = useState<Sample[]>([]);
  const beganAt = useRef(0);
  const still = useRef<{ at: Place; timer?: ReturnType<typeof setTimeout> }>({ at: { x: 0, y: 0 } });
  useEffect(() => () => clearTimeout(still.current.timer), []);

  const choose = (ids: Iterable<string>) => {
    setDraft(undefined);
    setChosen(new Set(ids));
  };
  const scale = () => unitsAPx(svg.current, width);
  const placeOf = (event: { clientX: number; clientY: number }) => placeOn(svg.current, width, event);
  const sampleOf = (event: globalThis.PointerEvent) => sampleAt(event, placeOf(event), beganAt.current);

  /** Puts something new, and lets its words be typed. */
  const add = (thing: Thing) => {
    setFresh(thing.id);
    if (thing.kind === 'label' || thing.kind === 'callout') {
      setChosen(new Set());
      setDraft(thing);
    } else {
      put([...things, thing]);
      choose([thing.id]);
    }
  };
  const holdStill = (at: Place) => {
    clearTimeout(still.current.timer);
    still.current = { at, timer: setTimeout(() => setGesture(held), STILL_MILLIS) };
  };

  /** What a hand begins at a place where nothing is drawn; what it takes hold of is chosen. */
  const begin = (at: Place, isMore: boolean): Gesture | undefined => {
    const grip = { reach: REACH_PX * scale(), corner: CORNER_PX * scale() };
    const begun = beginning({ at, isMore, tool: tools.tool, things, chosen, grip });
    if (begun.chosen) choose(begun.chosen);
    return begun.gesture;
  };

  const down = (event: PointerEvent) => {
    if (zoom.fingerDown(event)) return setGesture(undefined);
    const isEraser = event.buttons === ERASER_BUTTON;
    if ((event.button > 0 && !isEraser) || (isPenOnly && event.pointerType === 'touch')) return;
    if (event.pointerType === 'pen' && !isPenOnly) {
      notePen();
      onPen();
    }
    event.currentTarget.setPointerCapture?.(event.pointerId);
    beganAt.current = event.nativeEvent.timeStamp;
    const at = placeOf(event);
    if (isEraser || tools.tool === 'eraser')
      return setGesture(rub({ last: at, left: things }, at, tools, newId));
    if (tools.tool !== 'pen' && tools.tool !== 'highlighter') return setGesture(begin(at, event.shiftKey));
    choose([]);
    holdStill(at);
    const look = tools[tools.tool];
    const points = [sampleOf(event.nativeEvent)];
    const stroke = {
      id: newId(),
      locked: false,
      kind: 'ink',
      tool: tools.tool,
      ...look,
      points,
      madeAt: Date.now(),
    } as const;
    setGesture({ kind: 'draw', stroke, isShape: false });
  };

  const move = (event: PointerEvent) => {
    if (zoom.fingerMove(event) || !gesture) return;
    const at = placeOf(event);
    if (gesture.kind === 'rub') return setGesture(rub(gesture, at, tools, newId));
    if (gesture.kind === 'loop') return setGesture({ kind: 'loop', path: [...gesture.path, at.x, at.y] });
    if (gesture.kind !== 'draw') return setGesture({ ...gesture, to: at });
    if (Math.hypot(at.x - still.current.at.x, at.y - still.current.at.y) > STILL_PX * scale()) holdStill(at);
    const native = event.nativeEvent;
    const coalesced = native.getCoalescedEvents?.() ?? [];
    const points = (coalesced.length ? coalesced : [native]).map(sampleOf);
    // The timer may have made a figure of it since this was rendered.
    setGesture((now) =>
      now?.kind === 'draw' && !now.isShape
        ? { ...now, stroke: { ...now.stroke, points: [...now.stroke.points, ...points] } }
        : now,
    );
    setAhead((native.getPredictedEvents?.() ?? []).map(sampleOf));
  };

  const up = (event: PointerEvent) => {
    zoom.fingerUp(event);
    clearTimeout(still.current.timer);
    setAhead([]);
    setGesture(undefined);
    if (!gesture) return;
    if (gesture.kind === 'draw') return put([...things, drawn(gesture)]);
    if (gesture.kind === 'loop') return choose(looped(things, gesture.path));
    if (gesture.kind === 'pull') {
      const thing = made(gesture.tool, gesture.from, gesture.to, { id: newId(), things, tools });
      return thing && add(thing);
    }
    const isTap = 'from' in gesture && gesture.from.x === gesture.to.x && gesture.from.y === gesture.to.y;
    if (!isTap) put(preview(things, chosen, gesture));
  };
  const cancel = (event: PointerEvent) => {
    // A stroke that the browser takes over for scrolling is kept as far as it came; anything else was not meant.
    if (gesture?.kind === 'draw') return up(event);
    zoom.fingerUp(event);
    setGesture(undefined);
  };

  const shown = preview(things, chosen, gesture);
  const middle = () => ({ x: short(width / 2), y: short(height / 2) });
  const one = chosen.size === 1 ? things.find((thing) => chosen.has(thing.id)) : undefined;
  return {
    svg,
    shown,
    chosen,
    choose,
    gesture,
    ahead,
    draft,
    /** The thing whose words can be typed. */
    worded: draft ?? (one && hasWords(one) ? one : undefined),
    one,
    fresh,
    /** Words as they are typed; a label without any is no label, and stays to be typed on. */
    write: (thing: Thing, words: string) => {
      const written = { ...thing, words } as Thing;
      const others = things.some((other) => other.id === thing.id)
        ? things.map((other) => (other.id === thing.id ? written : other))
        : [...things, written];
      const isNothing = thing.kind !== 'spot' && !words.trim();
      put(isNothing ? things.filter((other) => other.id !== thing.id) : others, `words ${thing.id}`);
      setDraft(isNothing ? written : undefined);
      setChosen(new Set(isNothing ? [] : [thing.id]));
    },
    handlers: {
      onPointerDown: down,
      onPointerMove: move,
      onPointerUp: up,
      onPointerCancel: cancel,
      onKeyDown: surfaceKeys({
        history,
        chosen,
        choose,
        zoom,
        make: () => {
          const at = middle();
          const thing = made(tools.tool, at, at, { id: newId(), things, tools });
          if (thing) add(thing);
          return !!thing;
        },
      }),
    },
  };
}

export type SurfaceState = ReturnType<typeof useSurface>;
