import { type ReactNode, useState } from 'react';
import { ChosenTools } from './ChosenTools';
import type { SpotSigns } from './LayerView';
import { LitThings } from './LitThings';
import { SurfaceMarks } from './SurfaceMarks';
import { SurfaceTools } from './SurfaceTools';
import { Things } from './Things';
import type { Thing } from './things';
import { isPenKnown, keepTools, keptTools, type Tool } from './tools';
import type { Surfaced } from './useHistory';
import { useSurface } from './useSurface';
import { useZoom } from './useZoom';

type Props = {
  width: number;
  height: number;
  history: Surfaced;
  offered: readonly Tool[];
  /** What lies under everything: paper, or a picture. */
  under: ReactNode;
  /** How high it may be before it is scrolled, as CSS. */
  tallest: string;
  /** Whether there is room for the tools beside it. */
  isBroad?: boolean;
  /** Whether things can be locked, and stay so. */
  canLock?: boolean;
  signs?: SpotSigns;
  /** What more can be done with a thing that is chosen by itself. */
  more?: (thing: Thing) => ReactNode;
};

/** A surface for pen, finger, mouse and keys: strokes, and on pictures labels, callouts, boxes and spots. */
export function Surface({
  width,
  height,
  history,
  offered,
  under,
  tallest,
  isBroad,
  canLock,
  signs,
  more,
}: Props) {
  const [tools, setTools] = useState(() => keptTools(offered));
  const [isPenOnly, setPenOnly] = useState(isPenKnown);
  const zoom = useZoom();
  const surface = useSurface({
    width,
    height,
    history,
    tools,
    zoom,
    isPenOnly,
    onPen: () => setPenOnly(true),
  });
  return (
    <div className={isBroad ? 'gap-4 lg:grid lg:grid-cols-[minmax(0,1fr)_250px]' : ''}>
      <div
        ref={zoom.scroller}
        className="overflow-auto rounded-md border border-petrol bg-wash"
        style={{ maxHeight: tallest }}
      >
        <div className="relative mx-auto" style={{ width: `${100 * zoom.zoom}%` }}>
          <svg
            ref={surface.svg}
            viewBox={`0 0 ${width} ${height}`}
            className={`block w-full bg-sheet ${isPenOnly ? 'touch-manipulation' : 'touch-none'}`}
            role="application"
            aria-label="Drawing surface"
            aria-description="Full stop and comma go through what is there. Arrow keys move what is chosen, plus and minus change its size, Delete takes it away. Enter puts a label, callout, box or spot in the middle."
            // biome-ignore lint/a11y/noNoninteractiveTabindex: what can be done by hand can be done by keys
            tabIndex={0}
            {...surface.handlers}
          >
            {under}
            <LitThings things={surface.shown} />
            <Things things={surface.shown} signs={signs} />
          </svg>
          <SurfaceMarks width={width} height={height} surface={surface} />
        </div>
      </div>
      <div>
        <SurfaceTools
          tools={tools}
          offered={offered}
          onTools={(next) => setTools(keepTools(next))}
          history={history}
          zoom={zoom}
          isPenOnly={isPenOnly}
        />
        <ChosenTools surface={surface} history={history} canLock={canLock} more={more} />
      </div>
    </div>
  );
}
