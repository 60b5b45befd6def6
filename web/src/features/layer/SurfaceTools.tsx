import { Button, percent } from '../../ui';
import { COLOURS, type Look, TOOL_NAMES, type Tool, type Tools, WIDTHS } from './tools';
import type { Surfaced } from './useHistory';
import type { useZoom } from './useZoom';

type Props = {
  tools: Tools;
  offered: readonly Tool[];
  onTools: (tools: Tools) => void;
  history: Surfaced;
  zoom: ReturnType<typeof useZoom>;
  isPenOnly: boolean;
};

const SMALL = 'min-h-7 px-2.5 text-[14px]';
const pressed = (isPressed: boolean) => `${SMALL} ${isPressed ? 'border-petrol bg-petrol-wash' : ''}`;

/** What there is to draw and write with. */
export function SurfaceTools({ tools, offered, onTools, history, zoom, isPenOnly }: Props) {
  const { tool } = tools;
  return (
    <div className="no-print mt-1.5 flex flex-wrap items-center gap-1.5" role="toolbar" aria-label="Ink">
      {offered.map((one) => (
        <Button
          key={one}
          className={pressed(tool === one)}
          aria-pressed={tool === one}
          onClick={() => onTools({ ...tools, tool: one })}
        >
          {TOOL_NAMES[one]}
        </Button>
      ))}
      <ToolLook tools={tools} onTools={onTools} />
      <Button className={SMALL} onClick={history.undo} disabled={!history.undo}>
        Undo
      </Button>
      <Button className={SMALL} onClick={history.redo} disabled={!history.redo}>
        Redo
      </Button>
      <span className="inline-flex items-center gap-1">
        <Button
          className={SMALL}
          onClick={zoom.smaller}
          disabled={!zoom.smaller}
          aria-label="Show it smaller"
        >
          −
        </Button>
        <output className="w-11 text-center text-[13px]" aria-label="Size">
          {percent(zoom.zoom)}
        </output>
        <Button className={SMALL} onClick={zoom.larger} disabled={!zoom.larger} aria-label="Show it larger">
          +
        </Button>
      </span>
      {isPenOnly && <span className="text-[13px] text-soft">The pen draws, fingers scroll.</span>}
    </div>
  );
}

/** What the tool at hand can be set to. */
function ToolLook({ tools, onTools }: Pick<Props, 'tools' | 'onTools'>) {
  const { tool, eraser, words } = tools;
  if (tool === 'pen' || tool === 'highlighter') {
    const set = (part: Partial<Look>) => onTools({ ...tools, [tool]: { ...tools[tool], ...part } });
    return (
      <>
        <Swatches
          colours={COLOURS[tool]}
          chosen={tools[tool].colour}
          onChoose={(colour) => set({ colour })}
        />
        <Sizes
          sizes={WIDTHS[tool]}
          chosen={tools[tool].width}
          thickness={tool === 'pen' ? 1 : 1 / 3}
          onChoose={(width) => set({ width })}
        />
      </>
    );
  }
  if (tool === 'eraser') {
    const set = (part: Partial<Tools['eraser']>) => onTools({ ...tools, eraser: { ...eraser, ...part } });
    return (
      <>
        {([false, true] as const).map((isByArea) => (
          <Button
            key={String(isByArea)}
            className={pressed(eraser.isByArea === isByArea)}
            aria-pressed={eraser.isByArea === isByArea}
            onClick={() => set({ isByArea })}
          >
            {isByArea ? 'Only what it touches' : 'Whole strokes'}
          </Button>
        ))}
        <Sizes
          sizes={WIDTHS.eraser}
          chosen={eraser.radius}
          thickness={0.6}
          onChoose={(radius) => set({ radius })}
        />
      </>
    );
  }
  if (tool === 'select')
    return <span className="text-[13px] text-soft">Tap a thing, or draw a loop around several.</span>;
  const set = (part: Partial<Tools['words']>) => onTools({ ...tools, words: { ...words, ...part } });
  return (
    <>
      {tool !== 'spot' && (
        <Swatches colours={COLOURS.words} chosen={words.colour} onChoose={(colour) => set({ colour })} />
      )}
      {(tool === 'label' || tool === 'callout') &&
        WIDTHS.words.map(([size, name]) => (
          <Button
            key={size}
            className={pressed(words.size === size)}
            aria-label={name}
            aria-pressed={words.size === size}
            onClick={() => set({ size })}
          >
            <span aria-hidden="true" style={{ fontSize: 9 + size / 3 }}>
              A
            </span>
          </Button>
        ))}
    </>
  );
}

type SwatchesProps = {
  colours: readonly (readonly [string, string])[];
  chosen?: string;
  onChoose: (colour: string) => void;
};

export function Swatches({ colours, chosen, onChoose }: SwatchesProps) {
  return colours.map(([colour, name]) => (
    <button
      key={colour}
      type="button"
      aria-label={name}
      aria-pressed={chosen === colour}
      className={`size-[26px] rounded-full border-2 outline-1 outline-line ${chosen === colour ? 'border-marker-strong' : 'border-card'}`}
      style={{ backgroundColor: colour }}
      onClick={() => onChoose(colour)}
    />
  ));
}

type SizesProps = {
  sizes: readonly (readonly [number, string])[];
  chosen: number;
  /** How thick a size is shown, in px for each of its own. */
  thickness: number;
  onChoose: (size: number) => void;
};

function Sizes({ sizes, chosen, thickness, onChoose }: SizesProps) {
  return sizes.map(([size, name]) => (
    <button
      key={size}
      type="button"
      aria-label={name}
      aria-pressed={chosen === size}
      className={`flex size-[28px] items-center justify-center rounded-md border ${chosen === size ? 'border-petrol bg-petrol-wash' : 'border-line'}`}
      onClick={() => onChoose(size)}
    >
      <span className="w-4 rounded-full bg-ink" style={{ height: size * thickness }} />
    </button>
  ));
}
