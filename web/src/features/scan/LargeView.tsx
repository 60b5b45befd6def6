import { type KeyboardEvent, useState } from 'react';
import { Button, Dialog, percent } from '../../ui';
import { LayerView } from '../layer';
import { type Picture, pictureName } from './picture';

const ZOOMS = [1, 1.5, 2, 3, 4];

type Props = {
  pictures: Picture[];
  start: number;
  title: string;
  /** Whether what is written on them is hidden. */
  isBare?: boolean;
  onClose: () => void;
  onTurn?: (at: number) => void;
};

/** A picture as large as the screen, and larger; arrow keys turn over, + and − zoom. */
export function LargeView({ pictures, start, title, isBare, onClose, onTurn }: Props) {
  const [at, setAt] = useState(start);
  const [zoom, setZoom] = useState(0);
  const picture = pictures[at];
  const go = (by: number) => {
    const next = Math.min(pictures.length - 1, Math.max(0, at + by));
    setAt(next);
    onTurn?.(next);
  };
  const zoomBy = (by: number) => setZoom(Math.min(ZOOMS.length - 1, Math.max(0, zoom + by)));
  const press = (event: KeyboardEvent) => {
    const zooming = { '+': 1, '=': 1, '-': -1 }[event.key];
    // A picture larger than its place is scrolled by the arrows.
    const turning = zoom === 0 ? { ArrowLeft: -1, ArrowRight: 1 }[event.key] : undefined;
    if (zooming) zoomBy(zooming);
    if (turning) go(turning);
    if (zooming || turning) event.preventDefault();
  };
  if (!picture) return null;
  return (
    <Dialog title={pictureName(pictures, at, title)} onClose={onClose} size="wide">
      {/* biome-ignore lint/a11y/noStaticElementInteractions: keys of the buttons inside */}
      <div onKeyDown={press}>
        <div className="mb-2 flex flex-wrap items-center gap-2">
          {pictures.length > 1 && (
            <>
              <Button onClick={() => go(-1)} disabled={at === 0}>
                Page before
              </Button>
              <Button onClick={() => go(1)} disabled={at === pictures.length - 1}>
                Next page
              </Button>
            </>
          )}
          <span className="flex-1" />
          <Button onClick={() => zoomBy(-1)} disabled={zoom === 0} hotkey="-">
            Smaller
          </Button>
          <output className="w-12 text-center">{percent(ZOOMS[zoom] ?? 1)}</output>
          <Button onClick={() => zoomBy(1)} disabled={zoom === ZOOMS.length - 1} hotkey="+">
            Larger
          </Button>
        </div>
        <div
          className="max-h-[72vh] overflow-auto rounded-md bg-wash"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what is larger than its place is scrolled by keys
          tabIndex={0}
          role="group"
          aria-label="The picture"
        >
          <span
            className={`relative block ${zoom === 0 ? 'mx-auto w-fit' : ''}`}
            style={zoom === 0 ? undefined : { width: `${100 * (ZOOMS[zoom] ?? 1)}%` }}
          >
            <img
              src={picture.full}
              alt={pictureName(pictures, at, title)}
              className={zoom === 0 ? 'block max-h-[72vh] max-w-full' : 'block w-full'}
            />
            {picture.layer && !isBare && <LayerView layer={picture.layer} />}
          </span>
        </div>
      </div>
    </Dialog>
  );
}
