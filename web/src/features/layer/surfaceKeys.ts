import type { KeyboardEvent } from 'react';
import { clip } from './clip';
import { changed, without } from './edits';
import { copies, moved, roomOfAll, scaled, type Thing } from './things';
import type { Surfaced } from './useHistory';
import type { useZoom } from './useZoom';

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** How far an arrow key moves, with Shift too, in units; how much a key stretches. */
const STEP = 2;
const LEAP = 20;
const GROWTH = 1.1;

type Options = {
  history: Surfaced;
  chosen: ReadonlySet<string>;
  choose: (ids: Iterable<string>) => void;
  zoom: ReturnType<typeof useZoom>;
  /** Makes what the tool at hand makes; false where it is drawn and can't be made by a key. */
  make: () => boolean;
};

/** What keys do on a surface; each says whether it did something, so that other keys go their way. */
export function surfaceKeys(options: Options) {
  return (event: KeyboardEvent) => {
    const act = event.ctrlKey || event.metaKey ? withControl(event, options) : plain(event, options);
    if (!act) return;
    event.preventDefault();
    event.stopPropagation();
  };
}

function plain(event: KeyboardEvent, { history, chosen, choose, zoom, make }: Options): boolean {
  const { things, put } = history;
  const isAny = chosen.size > 0;
  const arrow = ARROWS[event.key];
  if (arrow && isAny) {
    const [dx, dy] = arrow.map((way) => way * (event.shiftKey ? LEAP : STEP)) as [number, number];
    put(
      changed(things, chosen, (thing) => moved(thing, dx, dy)),
      `keys ${[...chosen].join()}`,
    );
    return true;
  }
  if (event.key === '+' || event.key === '=' || event.key === '-') {
    const isLarger = event.key !== '-';
    if (isAny) put(stretched(things, chosen, isLarger ? GROWTH : 1 / GROWTH), `keys ${[...chosen].join()}`);
    else (isLarger ? zoom.larger : zoom.smaller)?.();
    return true;
  }
  if (event.key === 'Delete' || event.key === 'Backspace') {
    put(without(things, chosen));
    choose([]);
    return isAny;
  }
  if (event.key === '.' || event.key === ',') {
    choose(neighbour(things, chosen, event.key === '.' ? 1 : -1));
    return true;
  }
  if (event.key === 'Escape' && isAny) {
    choose([]);
    return true;
  }
  return event.key === 'Enter' && make();
}

function withControl(event: KeyboardEvent, { history, chosen, choose }: Options): boolean {
  const { things, put, undo, redo } = history;
  const picked = things.filter((thing) => chosen.has(thing.id));
  const add = (added: Thing[]) => {
    put([...things, ...added]);
    choose(added.map((thing) => thing.id));
  };
  switch (event.key.toLowerCase()) {
    case 'z':
      (event.shiftKey ? redo : undo)?.();
      return true;
    case 'y':
      redo?.();
      return true;
    case 'a':
      choose(things.filter((thing) => !thing.locked).map((thing) => thing.id));
      return true;
    case 'c':
      clip.keep(picked);
      return picked.length > 0;
    case 'x':
      clip.keep(picked);
      put(without(things, chosen));
      choose([]);
      return picked.length > 0;
    case 'v':
      add(copies(clip.things(), things));
      return true;
    case 'd':
      add(copies(picked, things));
      return true;
    default:
      return false;
  }
}

/** The chosen things larger or smaller around their top left. */
export function stretched(
  things: readonly Thing[],
  chosen: ReadonlySet<string>,
  factor: number,
): readonly Thing[] {
  const room = roomOfAll(things.filter((thing) => chosen.has(thing.id)));
  return room
    ? changed(things, chosen, (thing) => scaled(thing, { x: room.left, y: room.top }, factor))
    : things;
}

/** The thing after the chosen one, or before it; around the ends. */
function neighbour(things: readonly Thing[], chosen: ReadonlySet<string>, by: 1 | -1): string[] {
  if (things.length === 0) return [];
  const at = things.findIndex((thing) => chosen.has(thing.id));
  const next = at < 0 && by < 0 ? things.length - 1 : (at + by + things.length) % things.length;
  const thing = things[next];
  return thing ? [thing.id] : [];
}
