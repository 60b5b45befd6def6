import { useState } from 'react';
import { readFileLines } from '../../api';
import { Button, Trouble } from '../../ui';
import { linesOf, tapped } from './spokenLines';
import type { SpokenLine } from './take';

type Props = {
  lines: readonly SpokenLine[];
  now: number;
  length: number;
  onLines: (lines: SpokenLine[]) => void;
};

/** Lines are written first and get their times by a tap each, while the sound plays. */
export function TapAlong({ lines, now, length: whole, onLines }: Props) {
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState('');
  const [next, ...rest] = linesOf(text);
  const tap = () => {
    if (!next) return;
    onLines(tapped(lines, next, Math.round(now), Math.round(whole)));
    setText(rest.join('\n'));
  };
  const bringIn = async (files: FileList | null) => {
    const file = files?.[0];
    if (!file) return;
    try {
      onLines(await readFileLines(file));
      setTrouble('');
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  return (
    <div className="mt-1.5">
      <label className="block text-[13.5px] text-soft">
        Write what is said, a line each. Then play, and press as each line begins.
        <textarea
          className="mt-0.5 block w-full rounded-md border border-line bg-card px-2 py-1 text-[15px] text-ink"
          rows={Math.min(5, Math.max(2, rest.length + 1))}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <div className="mt-1 flex flex-wrap items-center gap-x-1">
        <Button onClick={tap} disabled={!next}>
          {next ? `Now: “${next.slice(0, 30)}”` : 'Now'}
        </Button>
        <label className="cursor-pointer rounded px-2 py-1 text-[13.5px] font-semibold text-petrol focus-within:outline-2 hover:underline">
          Take in captions (WebVTT)
          <input
            type="file"
            accept=".vtt,text/vtt"
            className="sr-only"
            onChange={(event) => bringIn(event.target.files)}
          />
        </label>
      </div>
      <Trouble>{trouble}</Trouble>
    </div>
  );
}
