import { type KeyboardEvent, type ReactNode, useState } from 'react';
import { LargeView } from './LargeView';
import { type Picture, pictureName } from './picture';

type Props = {
  pictures: Picture[];
  title: string;
  /** What can be done at the page at hand. */
  tools?: (at: number) => ReactNode;
};

/** A set of pages: one of them large, the others in a strip; arrow keys turn over. */
export function PhotoSetView({ pictures, title, tools }: Props) {
  const [wanted, setAt] = useState(0);
  const [isLarge, setLarge] = useState(false);
  const at = Math.min(wanted, pictures.length - 1);
  const picture = pictures[at];
  if (!picture) return null;
  const press = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!by || event.altKey) return;
    event.preventDefault();
    setAt(Math.min(pictures.length - 1, Math.max(0, at + by)));
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: keys of the buttons inside
    <div onKeyDown={press}>
      <button
        type="button"
        className="block w-full"
        onClick={() => setLarge(true)}
        aria-label={`Show “${pictureName(pictures, at, title)}” large`}
      >
        <img
          src={picture.small}
          alt={pictureName(pictures, at, title)}
          width={picture.width}
          height={picture.height}
          className="block h-auto max-h-[560px] w-full rounded-md bg-wash object-contain"
        />
      </button>
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
      {tools?.(at)}
      {isLarge && (
        <LargeView
          pictures={pictures}
          start={at}
          title={title}
          onClose={() => setLarge(false)}
          onTurn={setAt}
        />
      )}
    </div>
  );
}
