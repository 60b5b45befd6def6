import { useEffect, useRef } from 'react';
import { Button } from '../../ui';
import { LineFields } from './LineFields';
import type { Line } from './lines';

type Props = {
  line: Line;
  code: string;
  isPoint: boolean;
  isChosen: boolean;
  isOpen: boolean;
  trouble?: string;
  onChoose: (isMore: boolean) => void;
  onType: () => void;
  onApprove: () => void;
  onChange: (change: Partial<Line>) => void;
  onPart: (letter: number) => void;
  onDone: () => void;
};

/** A line of an outline: its code, its words, what is asked about it; opened, to be typed in. */
export function LineRow({ line, code, isPoint, isChosen, isOpen, trouble, ...acts }: Props) {
  const row = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isChosen) row.current?.scrollIntoView?.({ block: 'nearest' });
  }, [isChosen]);
  return (
    // biome-ignore lint/a11y/useFocusableInteractive: the tree has the focus
    // biome-ignore lint/a11y/useKeyWithClickEvents: its keys are the tree's
    <div
      ref={row}
      id={line.key.replace(' ', '-')}
      role="treeitem"
      aria-level={line.depth + 1}
      aria-selected={isChosen}
      onClick={(event) => !isOpen && acts.onChoose(event.shiftKey)}
      onDoubleClick={acts.onType}
      className={`cursor-default border-l-[3px] py-1 pr-3 ${edge(line, trouble)} ${isChosen ? 'bg-petrol-wash' : ''}`}
      style={{ paddingLeft: `${12 + 22 * line.depth}px` }}
    >
      {isOpen ? (
        <LineFields line={line} code={code} {...acts} />
      ) : (
        <div className="flex items-baseline gap-3">
          <b className={`w-14 shrink-0 ${isPoint ? 'text-petrol' : ''}`}>{code}</b>
          <span className={`min-w-0 flex-1 ${isPoint ? '' : 'font-semibold'}`}>
            {line.text || 'No words yet'}
          </span>
          <span className="text-[13px] whitespace-nowrap text-soft">{saidBeside(line)}</span>
        </div>
      )}
      {line.question && (
        <p className="flex flex-wrap items-center gap-x-2 pl-[68px] text-[13px]">
          {line.question}
          {isChosen && (
            <Button look="quiet" hotkey="Y" onClick={acts.onApprove}>
              It is right
            </Button>
          )}
        </p>
      )}
      {trouble && <p className="pl-[68px] text-[13px] text-rust">{trouble}</p>}
    </div>
  );
}

function edge(line: Line, trouble?: string) {
  if (trouble) return 'border-rust';
  return line.question ? 'border-brass' : 'border-transparent';
}

const saidBeside = ({ weight, tier, years, note }: Line) =>
  [weight && `${weight} %`, tier === 'EXTENDED' && 'extended', years, note && 'note']
    .filter(Boolean)
    .join(' · ');
