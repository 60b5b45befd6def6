import { type KeyboardEvent, type ReactNode, useEffect, useRef, useState } from 'react';
import { useLocation } from 'react-router';
import { heardUnder } from '../layer';
import { usePageHearing } from '../voice';
import { LargeView } from './LargeView';
import { PictureView } from './PictureView';
import { type Picture, pictureName } from './picture';
import { pageWithSpot } from './spots';

type Props = {
  pictures: Picture[];
  title: string;
  /** The colours of marked spots, by their ids. */
  signs?: Record<string, string>;
  /** What can be done at the page at hand. */
  tools?: (at: number) => ReactNode;
};

/** A set of pages: one of them large, the others in a strip; arrow keys turn over. */
export function PhotoSetView({ pictures, title, signs, tools }: Props) {
  const [wanted, setAt] = useState(0);
  const [isLarge, setLarge] = useState(false);
  const [isBare, setBare] = useState(false);
  const at = Math.min(wanted, pictures.length - 1);
  const picture = pictures[at];
  const frame = useRef<HTMLDivElement>(null);
  const hearing = usePageHearing();
  const { hash } = useLocation();
  const named = pageWithSpot(
    pictures.map((one) => one.layer),
    hash,
  );
  useEffect(() => {
    if (named < 0) return;
    setAt(named);
    setBare(false);
    frame.current?.scrollIntoView({ block: 'center' });
  }, [named]);
  if (!picture) return null;
  const press = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!by || event.altKey) return;
    event.preventDefault();
    setAt(Math.min(pictures.length - 1, Math.max(0, at + by)));
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: keys of the buttons inside
    <div ref={frame} onKeyDown={press}>
      <div className="relative">
        <PictureView
          picture={picture}
          src={picture.small}
          name={pictureName(pictures, at, title)}
          tallest={560}
          isBare={isBare}
          signs={signs}
        />
        {/* Over the picture and not around it: the words on the picture are not the button's. */}
        <button
          type="button"
          className="absolute inset-0 rounded-md"
          onClick={(event) => {
            const { layer } = picture;
            const moment =
              layer && !isBare && heardUnder(layer.things, layer.width, event.currentTarget, event, hearing);
            if (moment) hearing?.onHear(moment);
            else setLarge(true);
          }}
          aria-label={`Show “${pictureName(pictures, at, title)}” large`}
        />
      </div>
      {pictures.length > 1 && (
        <ol
          className="mt-1.5 flex gap-1.5 overflow-x-auto pb-1"
          aria-label={`Pages of ${title || 'this set'}`}
        >
          {pictures.map((one, i) => (
            <li key={one.small} className="shrink-0">
              <button
                type="button"
                aria-current={i === at}
                aria-label={pictureName(pictures, i, title)}
                onClick={() => setAt(i)}
                className={`block w-16 rounded-sm border-2 ${i === at ? 'border-petrol' : 'border-transparent hover:border-line'}`}
              >
                <img src={one.small} alt="" className="h-[72px] w-full bg-wash object-contain" />
                <span className="block truncate text-[12px] text-soft">{one.name || i + 1}</span>
              </button>
            </li>
          ))}
        </ol>
      )}
      <div className="flex flex-wrap items-center gap-x-3">
        {picture.layer && (
          <label className="no-print flex min-h-[28px] items-center gap-1.5 text-[13px] text-soft">
            <input
              type="checkbox"
              className="size-[20px] accent-petrol"
              checked={!isBare}
              onChange={(event) => setBare(!event.target.checked)}
            />
            Show what is written on it
          </label>
        )}
        {tools?.(at)}
      </div>
      {isLarge && (
        <LargeView
          pictures={pictures}
          start={at}
          title={title}
          isBare={isBare}
          onClose={() => setLarge(false)}
          onTurn={setAt}
        />
      )}
    </div>
  );
}
