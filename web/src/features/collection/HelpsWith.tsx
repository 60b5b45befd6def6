import { useState } from 'react';
import { useInTurn } from '../../api';
import { Button, Trouble } from '../../ui';
import { NotchPicker } from '../entry';
import { useLines } from './useLines';

type Props = {
  collection: string;
  /** What it is that helps. */
  of: string;
  notches: readonly string[];
  /** Notches it to a line, or takes the notch away. */
  change: (line: string, isCut: boolean) => Promise<unknown>;
};

/** The points that a thing or all of a collection helps with. They are shown there, and cover nothing. */
export function HelpsWith({ collection, of, notches, change: send }: Props) {
  const [isChoosing, setChoosing] = useState(false);
  const cut = new Set(notches);
  const lines = useLines(cut);
  const change = useInTurn(['collection', collection], [['resources']]);
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
      <Trouble>{change.error?.message}</Trouble>
      {isChoosing && (
        <NotchPicker
          title={`Points of ${lines.title} that it helps with`}
          points={lines.nodes.filter((node) => node.kind !== 'UNIT')}
          cut={cut}
          hint=""
          onToggle={(line) => change.mutate({ send: () => send(line, cut.has(line)) })}
          onClose={() => setChoosing(false)}
        />
      )}
    </>
  );
}
