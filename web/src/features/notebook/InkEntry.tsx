import { type PointerEvent, useRef, useState } from 'react';
import { Button } from '../../ui';
import { InkView, StrokeShape, Strokes } from './InkView';
import { type InkDrawing, type InkStroke, type Sample, short, without } from './ink';

type Tool = 'pen' | 'highlighter' | 'eraser';
const COLOURS = [
  ['#17262D', 'Ink'],
  ['#0E5A66', 'Petrol'],
  ['#A23B2C', 'Rust'],
  ['#41702F', 'Moss'],
] as const;
const MARKER = '#FFD27A';
const WIDTHS = { pen: 4.5, highlighter: 22, eraser: 0 };
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
  const [strokes, setStrokes] = useState(start.strokes);
  const [past, setPast] = useState<InkStroke[][]>([]);
  const [tool, setTool] = useState<Tool>('pen');
  const [colour, setColour] = useState<string>(COLOURS[0][0]);
  const [current, setCurrent] = useState<InkStroke>();
  const beganAt = useRef(0);
  const svg = useRef<SVGSVGElement>(null);

  const keep = (next: InkStroke[]) => {
    setPast([...past, strokes]);
    setStrokes(next);
    onChange({ ...start, strokes: next });
  };
  const undo = () => {
    const before = past.at(-1);
    if (!before) return;
    setPast(past.slice(0, -1));
    setStrokes(before);
    onChange({ ...start, strokes: before });
  };

  const sample = (event: {
    clientX: number;
    clientY: number;
    pressure: number;
    pointerType: string;
    timeStamp: number;
  }): Sample => {
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
    if (left.length < strokes.length) keep(left);
  };
  const down = (event: PointerEvent) => {
    if (event.button > 0) return;
    event.currentTarget.setPointerCapture?.(event.pointerId);
    beganAt.current = event.nativeEvent.timeStamp;
    if (tool === 'eraser') return erase(event);
    setCurrent({
      tool,
      colour: tool === 'pen' ? colour : MARKER,
      width: WIDTHS[tool],
      points: [sample(event.nativeEvent)],
    });
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
  };
  const up = () => {
    if (current) keep([...strokes, current]);
    setCurrent(undefined);
  };

  return (
    <div>
      <svg
        ref={svg}
        viewBox={`0 0 ${start.width} ${start.height}`}
        className="block w-full touch-none rounded-md border border-petrol bg-[#fff]"
        role="img"
        aria-label="Drawing surface"
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
        onPointerCancel={up}
      >
        <PaperLines width={start.width} height={start.height} />
        <Strokes strokes={strokes} />
        {current && <StrokeShape stroke={current} />}
      </svg>
      <div className="no-print mt-1.5 flex flex-wrap items-center gap-1.5" role="toolbar" aria-label="Ink">
        {(['pen', 'highlighter', 'eraser'] as const).map((one) => (
          <Button
            key={one}
            className={`min-h-7 ${tool === one ? 'border-petrol bg-petrol-wash' : ''}`}
            aria-pressed={tool === one}
            onClick={() => setTool(one)}
          >
            {{ pen: 'Pen', highlighter: 'Highlighter', eraser: 'Eraser' }[one]}
          </Button>
        ))}
        {COLOURS.map(([value, name]) => (
          <button
            key={value}
            type="button"
            aria-label={name}
            aria-pressed={colour === value}
            className={`size-[24px] rounded-full border-2 ${colour === value ? 'border-marker-strong' : 'border-card'}`}
            style={{ backgroundColor: value }}
            onClick={() => {
              setColour(value);
              setTool('pen');
            }}
          />
        ))}
        <Button className="min-h-7" onClick={undo} disabled={past.length === 0}>
          Undo
        </Button>
      </div>
    </div>
  );
}

const LINE_GAP = 40;

function PaperLines({ width, height }: { width: number; height: number }) {
  const lines = Array.from({ length: Math.floor(height / LINE_GAP) }, (_, i) => (i + 1) * LINE_GAP);
  return lines.map((y) => <line key={y} x1={0} x2={width} y1={y} y2={y} stroke="#DFE8EA" />);
}
