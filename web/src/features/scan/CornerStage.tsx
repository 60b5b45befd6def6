import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import type { Api } from '../../api';
import { CORNER_NAMES, cornersOf, moved, type Place, placesOf, stepped } from './corners';

/** How much larger the magnifier shows the photo, and its width in px. */
const MAGNIFIED = 3;
const GLASS = 132;

/** How long after the last arrow key the page is made anew, in ms. */
const PAUSE_MILLIS = 600;

type Props = { shot: Api['ShotView']; onCorners: (corners: number[]) => void };

/** The photo with the four corners of its page; dragged, or moved with the arrow keys. */
export function CornerStage({ shot, onCorners }: Props) {
  const { photo, recipe } = shot;
  const [places, setPlaces] = useState(() => placesOf(recipe?.corners ?? []));
  const [held, setHeld] = useState<number>();
  const frame = useRef<HTMLDivElement>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const given = recipe?.corners.join(' ');
  useEffect(() => {
    if (given) setPlaces(placesOf(given.split(' ').map(Number)));
  }, [given]);
  useEffect(() => () => clearTimeout(timer.current), []);

  const sendSoon = (next: Place[], millis: number) => {
    clearTimeout(timer.current);
    timer.current = setTimeout(() => onCorners(cornersOf(next)), millis);
  };
  const drag = (event: PointerEvent) => {
    const box = frame.current?.getBoundingClientRect();
    if (held === undefined || !box) return;
    setPlaces(
      moved(places, held, {
        x: (event.clientX - box.left) / box.width,
        y: (event.clientY - box.top) / box.height,
      }),
    );
  };
  const letGo = () => {
    if (held !== undefined) sendSoon(places, 0);
    setHeld(undefined);
  };
  const press = (event: KeyboardEvent, which: number) => {
    const at = places[which];
    const to = at && stepped(at, event.key, event.shiftKey);
    if (!to) return;
    event.preventDefault();
    const next = moved(places, which, to);
    setPlaces(next);
    sendSoon(next, PAUSE_MILLIS);
  };
  const width = photo.width ?? 1;
  const height = photo.height ?? 1;
  return (
    <div
      ref={frame}
      className="relative mx-auto max-h-full max-w-full touch-none select-none"
      style={{
        aspectRatio: `${width} / ${height}`,
        width: `min(100%, calc((100vh - 250px) * ${width / height}))`,
      }}
    >
      <img
        src={`/api/media/${photo.id}/screen`}
        alt="As it was photographed"
        className="block h-full w-full"
        draggable={false}
      />
      {recipe && (
        <>
          <svg
            viewBox="0 0 1 1"
            preserveAspectRatio="none"
            className="pointer-events-none absolute inset-0 h-full w-full"
            aria-hidden="true"
          >
            <polygon
              points={places.map(({ x, y }) => `${x},${y}`).join(' ')}
              fill="none"
              className="stroke-marker-strong"
              strokeWidth={3}
              vectorEffect="non-scaling-stroke"
            />
          </svg>
          {places.map(({ x, y }, which) => (
            <button
              key={CORNER_NAMES[which]}
              type="button"
              aria-label={`${CORNER_NAMES[which]} corner. Arrow keys move it, with Shift further.`}
              className="absolute flex size-11 -translate-x-1/2 -translate-y-1/2 cursor-grab items-center justify-center rounded-full"
              style={{ left: `${100 * x}%`, top: `${100 * y}%` }}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                setHeld(which);
              }}
              onPointerMove={drag}
              onPointerUp={letGo}
              onPointerCancel={letGo}
              onFocus={() => setHeld(undefined)}
              onKeyDown={(event) => press(event, which)}
            >
              <span className="size-5 rounded-full border-2 border-[#17262D] bg-marker-strong" />
            </button>
          ))}
          {held !== undefined && <Glass shot={shot} at={places[held]} frame={frame.current} />}
        </>
      )}
    </div>
  );
}

/** The photo around a corner, large, at the side where the corner is not. */
function Glass({
  shot,
  at,
  frame,
}: {
  shot: Api['ShotView'];
  at: Place | undefined;
  frame: HTMLElement | null;
}) {
  if (!at || !frame) return null;
  const width = frame.clientWidth * MAGNIFIED;
  const height = frame.clientHeight * MAGNIFIED;
  return (
    <div
      aria-hidden="true"
      className={`pointer-events-none absolute top-2 rounded-full border-4 border-marker-strong bg-bar ${at.x < 0.5 ? 'right-2' : 'left-2'}`}
      style={{
        width: GLASS,
        height: GLASS,
        backgroundImage: `url(/api/media/${shot.photo.id})`,
        backgroundRepeat: 'no-repeat',
        backgroundSize: `${width}px ${height}px`,
        backgroundPosition: `${GLASS / 2 - at.x * width}px ${GLASS / 2 - at.y * height}px`,
      }}
    >
      <svg viewBox="-10 -10 20 20" className="h-full w-full" aria-hidden="true">
        <path d="M-3 0H3M0 -3V3" className="stroke-rust" strokeWidth={0.4} />
      </svg>
    </div>
  );
}
