import { useState } from 'react';
import {
  chooseReading,
  Dialog,
  FONTS,
  keptReading,
  LEADINGS,
  Radios,
  type Reading,
  SIZES_PX,
} from '../../ui';

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
      <Radios
        label="Size"
        isLabelled
        values={Object.fromEntries(SIZES_PX.map((size) => [size, `${size}`]))}
        value={String(reading.sizePx)}
        onChoose={(size) => choose({ sizePx: Number(size) })}
      />
      <Radios
        label="Lines"
        isLabelled
        values={LEADINGS as Record<string, string>}
        value={String(reading.leading)}
        onChoose={(leading) => choose({ leading: Number(leading) })}
      />
      <Radios
        label="Letters"
        isLabelled
        values={{ hyperlegible: FONTS.hyperlegible.name, serif: FONTS.serif.name }}
        value={reading.font}
        onChoose={(font) => choose({ font })}
      />
      <p className="prose mt-3 border-t border-line pt-3">
        An echo is a reflected sound. The sound goes there and back, so the distance is half of speed × time.
      </p>
    </Dialog>
  );
}
