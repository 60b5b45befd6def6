import { useState } from 'react';
import { chooseReading, Dialog, FONTS, keptReading, LEADINGS, type Reading, SIZES_PX } from '../../ui';

/** How typed text looks on this device: its size, its lines, its letters. */
export function ReadingDialog({ onClose }: { onClose: () => void }) {
  const [reading, setReading] = useState(keptReading);
  const choose = (part: Partial<Reading>) => {
    const next = { ...reading, ...part };
    setReading(next);
    chooseReading(next);
  };
  return (
    <Dialog title="How text looks" onClose={onClose}>
      <Choices
        label="Size"
        values={SIZES_PX.map((size): [string, string] => [String(size), `${size}`])}
        value={String(reading.sizePx)}
        onChoose={(size) => choose({ sizePx: Number(size) })}
      />
      <Choices
        label="Lines"
        values={Object.entries(LEADINGS)}
        value={String(reading.leading)}
        onChoose={(leading) => choose({ leading: Number(leading) })}
      />
      <Choices
        label="Letters"
        values={Object.entries(FONTS).map(([font, { name }]): [string, string] => [font, name])}
        value={reading.font}
        onChoose={(font) => choose({ font: font as Reading['font'] })}
      />
      <p className="prose mt-3 border-t border-line pt-3">
        An echo is a reflected sound. The sound goes there and back, so the distance is half of speed × time.
      </p>
    </Dialog>
  );
}

function Choices({
  label,
  values,
  value,
  onChoose,
}: {
  label: string;
  values: [string, string][];
  value: string;
  onChoose: (value: string) => void;
}) {
  return (
    <fieldset className="mb-2 flex flex-wrap items-center gap-x-3">
      <legend className="float-left mr-2 w-16 font-semibold">{label}</legend>
      {values.map(([one, words]) => (
        <label key={one} className="flex min-h-8 items-center gap-1.5">
          <input
            type="radio"
            name={label}
            className="h-4 w-4 accent-petrol"
            checked={one === value}
            onChange={() => onChoose(one)}
          />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
