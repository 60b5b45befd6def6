import { type PointerEvent, useRef, useState } from 'react';
import { InkToolbar } from './InkToolbar';
import { InkView, StrokeShape, Strokes } from './InkView';
import { type InkDrawing, type InkStroke, type Sample, short, without } from './ink';
import { isPenKnown, keepTools, keptTools, notePen } from './tools';
import { useInkHistory } from './useInkHistory';

const ERASER_REACH = 8;

type Props = {
  content: unknown;
  isChosen: boolean;
  caption: string;
  onChange: (content: InkDrawing) => void;
};

/** A drawing; while it is chosen, a surface for pen, finger or mouse. */
export function InkEntry({ content, isChosen, caption, onChange }: Props) {
  const drawing = content as InkDrawing;
  return isChosen ? (
    <InkSurface start={drawing} onChange={onChange} />
  ) : (
    <InkView drawing={drawing} title={caption} />
  );
}

function InkSurface({ start, onChange }: { start: InkDrawing; onChange: (content: InkDrawing) => void }) {
  const { strokes, put, undo, redo } = useInkHistory(start.strokes, (now) =>
    onChange({ ...start, strokes: now }),
  );
  const [tools, setTools] = useState(keptTools);
  const [isPenOnly, setPenOnly] = useState(isPenKnown);
  const [current, setCurrent] = useState<InkStroke>();
  /** Where the browser thinks that the pen is by the time the line is seen; drawn and never kept. */
  const [ahead, setAhead] = useState<Sample[]>([]);
  const beganAt = useRef(0);
  const svg = useRef<SVGSVGElement>(null);
  const { tool } = tools;

  const sample = (event: globalThis.PointerEvent): Sample => {
    const box = svg.current?.getBoundingClientRect() ?? { left: 0, top: 0, width: start.width };
    const scale = start.width / box.width;
    // A mouse has no pressure; half is a pen held lightly.
    const pressure = event.pointerType === 'mouse' ? 0.5 : event.pressure;
    return [
      short((event.clientX - box.left) * scale),
      short((event.clientY - box.top) * scale),
      short(Math.min(1, Math.max(0, pressure))),
      Math.max(0, Math.round(event.timeStamp - beganAt.current)),
    ];
  };
  const erase = (event: PointerEvent) => {
    const [x, y] = sample(event.nativeEvent);
    const left = without(strokes, x, y, ERASER_REACH);
    if (left.length < strokes.length) put(left);
  };
  const down = (event: PointerEvent) => {
    if (event.button > 0 || (isPenOnly && event.pointerType === 'touch')) return;
    if (event.pointerType === 'pen' && !isPenOnly) {
      notePen();
      setPenOnly(true);
    }
    event.currentTarget.setPointerCapture?.(event.pointerId);
    beganAt.current = event.nativeEvent.timeStamp;
    if (tool === 'eraser') return erase(event);
    setCurrent({ tool, ...tools[tool], points: [sample(event.nativeEvent)] });
  };
  const move = (event: PointerEvent) => {
    if (tool === 'eraser' && event.buttons > 0) return erase(event);
    if (!current) return;
    const native = event.nativeEvent;
    const samples = native.getCoalescedEvents?.() ?? [];
    setCurrent({
      ...current,
      points: [...current.points, ...(samples.length ? samples : [native]).map(sample)],
    });
    setAhead((native.getPredictedEvents?.() ?? []).map(sample));
  };
  const up = () => {
    if (current) put([...strokes, current]);
    setCurrent(undefined);
    setAhead([]);
  };

  return (
    <div>
      <svg
        ref={svg}
        viewBox={`0 0 ${start.width} ${start.height}`}
        className={`block w-full rounded-md border border-petrol bg-[#fff] ${isPenOnly ? 'touch-pan-y' : 'touch-none'}`}
        role="img"
        aria-label="Drawing surface"
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
        onPointerCancel={up}
      >
        <PaperLines width={start.width} height={start.height} />
        <Strokes strokes={strokes} />
        {current && <StrokeShape stroke={{ ...current, points: [...current.points, ...ahead] }} />}
      </svg>
      <InkToolbar
        tools={tools}
        onTools={(next) => setTools(keepTools(next))}
        undo={undo}
        redo={redo}
        isPenOnly={isPenOnly}
      />
    </div>
  );
}

const LINE_GAP = 40;

function PaperLines({ width, height }: { width: number; height: number }) {
  const lines = Array.from({ length: Math.floor(height / LINE_GAP) }, (_, i) => (i + 1) * LINE_GAP);
  return lines.map((y) => <line key={y} x1={0} x2={width} y1={y} y2={y} stroke="#DFE8EA" />);
}
