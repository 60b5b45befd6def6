import { type PointerEvent, useState } from 'react';
import { dragged, inWords, keyed, type Weeks } from './weeks';

type Props = {
  name: string;
  weeks: number;
  week: number | undefined;
  /** The weeks that stand; drawn over those of the class when they are the student's own. */
  range: Weeks | undefined;
  behind?: Weeks;
  onChange: (range: Weeks) => void;
  onClear: () => void;
};

/** The weeks of a topic, drawn and moved by hand or by keys. */
export function WeekStrip({ name, weeks, week, range, behind, onChange, onClear }: Props) {
  const [drag, setDrag] = useState<{ from: number; to: number }>();
  const isDrawing = drag && (drag.from !== drag.to || !range);
  const shown = isDrawing ? dragged(range, drag.from, drag.to, weeks) : range;
  const at = (event: PointerEvent) => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = (event.clientX - box.left) / box.width;
    return Math.min(weeks, Math.max(1, Math.floor(share * weeks) + 1));
  };
  return (
    <div
      role="group"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the keys act on the strip that has the focus
      tabIndex={0}
      aria-label={`${name}: ${inWords(range)}. Arrow keys move it, with Shift its end; Delete clears it.`}
      className="relative h-9 cursor-pointer touch-none rounded-sm focus-visible:outline-2 focus-visible:outline-petrol"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setDrag({ from: at(event), to: at(event) });
      }}
      onPointerMove={(event) => drag && setDrag({ ...drag, to: at(event) })}
      onPointerUp={() => {
        setDrag(undefined);
        // A press that goes nowhere chooses the topic; it draws only where nothing is planned yet.
        if (isDrawing && shown) onChange(shown);
      }}
      onPointerCancel={() => setDrag(undefined)}
      onKeyDown={(event) => {
        if (event.key === 'Delete' || event.key === 'Backspace') onClear();
        const next = keyed(range, event, weeks, week ?? 1);
        if (!next) return;
        event.preventDefault();
        onChange(next);
      }}
    >
      {Array.from({ length: weeks }, (_, i) => (
        <span
          key={i}
          className={`absolute top-0 h-full border-l ${i + 1 === week ? 'border-rust' : 'border-line/50'}`}
          style={{ left: `${(100 * i) / weeks}%` }}
        />
      ))}
      {behind && <Band range={behind} weeks={weeks} className="bg-petrol-wash" />}
      {shown && <Band range={shown} weeks={weeks} className="bg-petrol" />}
    </div>
  );
}

function Band({ range, weeks, className }: { range: Weeks; weeks: number; className: string }) {
  return (
    <span
      className={`pointer-events-none absolute top-1.5 h-6 rounded-sm ${className}`}
      style={{
        left: `calc(${(100 * (range.first - 1)) / weeks}% + 1px)`,
        width: `calc(${(100 * (range.last - range.first + 1)) / weeks}% - 2px)`,
      }}
    />
  );
}
