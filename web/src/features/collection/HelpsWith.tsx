import { useState } from 'react';
import { Button } from '../../ui';
import { NotchPicker } from '../entry';
import { useLines } from './useLines';

type Props = {
  /** What it is that helps. */
  of: string;
  notches: readonly string[];
  /** Notches it to a line, or takes the notch away. */
  onNotch: (line: string, isCut: boolean) => void;
};

/** The points that a thing or all of a collection helps with. They are shown there, and cover nothing. */
export function HelpsWith({ of, notches, onNotch }: Props) {
  const [isChoosing, setChoosing] = useState(false);
  const cut = new Set(notches);
  const lines = useLines(cut);
  if (!lines) return null;
  const codes = lines.nodes.filter((node) => cut.has(node.id)).map((node) => node.code);
  const name = codes.length > 0 ? codes.join(', ') : 'For a point';
  return (
    <>
      <Button
        look="quiet"
        className="-ml-1.5 text-[13.5px]"
        aria-label={`${name}: ${of}`}
        onClick={() => setChoosing(true)}
      >
        {name}
      </Button>
      {isChoosing && (
        <NotchPicker
          title={`Points of ${lines.title} that it helps with`}
          points={lines.nodes.filter((node) => node.kind !== 'UNIT')}
          cut={cut}
          hint=""
          onToggle={(line) => onNotch(line, cut.has(line))}
          onClose={() => setChoosing(false)}
        />
      )}
    </>
  );
}
