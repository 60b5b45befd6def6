import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { Button } from '../../ui';
import type { Line } from './lines';

const BOX = 'min-h-8 rounded border border-line bg-card px-2 py-1';

/** A line that is typed in: its words, its weight, its tier. Enter within the words parts the line there. */
export function LineFields({
  line,
  code,
  onChange,
  onPart,
  onDone,
}: {
  line: Line;
  code: string;
  onChange: (change: Partial<Line>) => void;
  onPart: (letter: number) => void;
  onDone: () => void;
}) {
  const [text, setText] = useState(line.text);
  const [weight, setWeight] = useState(line.weight);
  const words = useRef<HTMLTextAreaElement>(null);
  useEffect(() => words.current?.focus(), []);
  const keep = () => {
    if (text.trim() !== line.text || weight.trim() !== line.weight)
      onChange({ text: text.trim(), weight: weight.trim(), question: undefined });
  };
  const part = () => {
    const letter = words.current?.selectionStart ?? 0;
    const isWithin = text === line.text && letter > 0 && letter < text.length;
    if (isWithin) onPart(letter);
    else {
      keep();
      onDone();
    }
  };
  const press = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== 'Escape') return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key === 'Enter' && event.target === words.current) return part();
    keep();
    onDone();
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: keys of the fields in it
    <div className="flex flex-wrap items-start gap-2" onKeyDown={press}>
      <b className="w-14 shrink-0 pt-1.5">{code}</b>
      <textarea
        ref={words}
        aria-label="Words"
        value={text}
        maxLength={1000}
        rows={Math.max(1, Math.ceil(text.length / 60))}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        className={`${BOX} min-w-60 flex-1 resize-none`}
      />
      <input
        aria-label="Weight in per cent"
        value={weight}
        inputMode="decimal"
        placeholder="%"
        onChange={(event) => setWeight(event.target.value)}
        onBlur={keep}
        className={`${BOX} w-16`}
      />
      <select
        aria-label="Tier"
        value={line.tier}
        onChange={(event) => onChange({ tier: event.target.value as Line['tier'] })}
        className={BOX}
      >
        <option value="CORE">Core</option>
        <option value="EXTENDED">Extended</option>
      </select>
      <p className="w-full pl-[68px] text-[13px] text-soft">
        <Button look="quiet" onMouseDown={(event) => event.preventDefault()} onClick={part} hotkey="↵">
          Part it where the cursor is
        </Button>
      </p>
    </div>
  );
}
