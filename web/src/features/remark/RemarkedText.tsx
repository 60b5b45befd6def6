import { useLayoutEffect, useRef, useState } from 'react';
import { StrokeShape } from '../ink';
import { type Look, ProseView, placed } from '../text';
import { drawnIn, type Remark } from './anchor';

type Props = { content: unknown; looks?: readonly Look[]; remarks: readonly Remark[] };

/** A text is drawn over at this width, in px, whatever the width of the screen: so the lines stay where the strokes are. */
export const SHEET_PX = 560;

const NONE: Look[] = [];

/** A text with its remarks: numbers at the words, and what was drawn over it. */
export function RemarkedText({ content, looks = NONE, remarks }: Props) {
  const said = remarks.flatMap(({ anchor, number }): Look[] =>
    anchor.about === 'WORDS' && anchor.from !== undefined && anchor.to !== undefined
      ? [{ from: anchor.from, to: anchor.to, look: 'remark', number }]
      : [],
  );
  const text = <ProseView content={placed(content, [...looks, ...said])} />;
  const drawn = remarks.filter((one) => one.anchor.about === 'ENTRY' && one.drawing);
  return drawn.length === 0 ? text : <Sheet remarks={drawn}>{text}</Sheet>;
}

/** A text as it was when it was drawn over, made smaller where there is less room. */
function Sheet({ remarks, children }: { remarks: readonly Remark[]; children: React.ReactNode }) {
  const room = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(SHEET_PX);
  useLayoutEffect(() => {
    const watch = new ResizeObserver(([one]) => one && setWidth(one.contentRect.width));
    if (room.current) watch.observe(room.current);
    return () => watch.disconnect();
  }, []);
  return (
    <div ref={room}>
      <div className="relative" style={{ width: SHEET_PX, zoom: Math.min(1, width / SHEET_PX) }}>
        {children}
        {remarks.map((remark) => {
          const drawn = drawnIn(remark);
          return (
            drawn && (
              <svg
                key={remark.id}
                viewBox={`0 0 ${drawn.width} ${drawn.height}`}
                width={drawn.width}
                height={drawn.height}
                className="pointer-events-none absolute top-0 left-0 overflow-visible"
                role="img"
                aria-label={`Drawn with remark ${remark.number}`}
              >
                {drawn.strokes.map((stroke, i) => (
                  <StrokeShape key={i.toString()} stroke={stroke} />
                ))}
              </svg>
            )
          );
        })}
      </div>
    </div>
  );
}
