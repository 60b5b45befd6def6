import { useState } from 'react';
import { Button, Radios } from '../../ui';
import { NotchPicker } from '../entry';
import { codesOf } from './codesOf';
import type { Lines } from './useLines';

type Props = {
  /** What it is that helps. */
  of: string;
  notches: readonly string[];
  /** Those of the notebook at hand first. */
  lines: readonly Lines[];
  /** Notches it to a line, or takes the notch away. */
  onNotch: (line: string, isCut: boolean) => void;
};

/** The points that a thing or all of a collection helps with. They are shown there, and cover nothing. */
export function HelpsWith({ of, notches, lines, onNotch }: Props) {
  const [isChoosing, setChoosing] = useState(false);
  const [chosen, setChosen] = useState<string>();
  const cut = new Set(notches);
  const at = lines.find(({ id }) => id === chosen) ?? lines[0];
  if (!at) return null;
  const name = codesOf(lines, cut) || 'For a point';
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
          title={`Points of ${at.title} that it helps with`}
          points={at.nodes.filter((node) => node.kind !== 'UNIT')}
          cut={cut}
          hint=""
          onToggle={(line) => onNotch(line, cut.has(line))}
          onClose={() => setChoosing(false)}
        >
          {lines.length > 1 && (
            <Radios
              label="Points of which notebook"
              values={Object.fromEntries(lines.map(({ id, title }) => [id, title]))}
              value={at.id}
              onChoose={setChosen}
            />
          )}
        </NotchPicker>
      )}
    </>
  );
}
