import { Button } from '../../ui';
import { COLOURS, type InkLook, type InkTool, type InkTools, WIDTHS } from './tools';

const NAMES = { pen: 'Pen', highlighter: 'Highlighter', eraser: 'Eraser' } as const;

type Props = {
  tools: InkTools;
  onTools: (tools: InkTools) => void;
  undo?: () => void;
  redo?: () => void;
  isPenOnly: boolean;
};

/** What there is to draw with. */
export function InkToolbar({ tools, onTools, undo, redo, isPenOnly }: Props) {
  const { tool } = tools;
  return (
    <div className="no-print mt-1.5 flex flex-wrap items-center gap-1.5" role="toolbar" aria-label="Ink">
      {(Object.keys(NAMES) as InkTool[]).map((one) => (
        <Button
          key={one}
          className={`min-h-7 ${tool === one ? 'border-petrol bg-petrol-wash' : ''}`}
          aria-pressed={tool === one}
          onClick={() => onTools({ ...tools, tool: one })}
        >
          {NAMES[one]}
        </Button>
      ))}
      {tool !== 'eraser' && (
        <Looks
          tool={tool}
          look={tools[tool]}
          onLook={(part) => onTools({ ...tools, [tool]: { ...tools[tool], ...part } })}
        />
      )}
      <Button className="min-h-7" onClick={undo} disabled={!undo}>
        Undo
      </Button>
      <Button className="min-h-7" onClick={redo} disabled={!redo}>
        Redo
      </Button>
      {isPenOnly && <span className="text-[13px] text-soft">The pen draws, fingers scroll.</span>}
    </div>
  );
}

type LooksProps = { tool: 'pen' | 'highlighter'; look: InkLook; onLook: (part: Partial<InkLook>) => void };

function Looks({ tool, look, onLook }: LooksProps) {
  return (
    <>
      {COLOURS[tool].map(([colour, name]) => (
        <button
          key={colour}
          type="button"
          aria-label={name}
          aria-pressed={look.colour === colour}
          className={`size-[24px] rounded-full border-2 ${look.colour === colour ? 'border-marker-strong' : 'border-card'}`}
          style={{ backgroundColor: colour }}
          onClick={() => onLook({ colour })}
        />
      ))}
      {WIDTHS[tool].map(([width, name]) => (
        <button
          key={width}
          type="button"
          aria-label={name}
          aria-pressed={look.width === width}
          className={`flex size-[28px] items-center justify-center rounded-md border ${look.width === width ? 'border-petrol bg-petrol-wash' : 'border-line'}`}
          onClick={() => onLook({ width })}
        >
          <span className="w-4 rounded-full bg-ink" style={{ height: tool === 'pen' ? width : width / 3 }} />
        </button>
      ))}
    </>
  );
}
