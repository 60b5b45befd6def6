import { Radios } from '../../ui';
import { LINES, type Paper, TINTS } from './paper';

const SPACINGS_MM = [5, 6, 7, 8, 10, 12];

/** The paper of a page: its lines, how far apart they are, its tint. */
export function PaperChoice({ paper, onChoose }: { paper: Paper; onChoose: (paper: Paper) => void }) {
  return (
    <div className="mt-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-line pt-3">
      <h3 className="text-[15px]">Paper</h3>
      <Radios
        label="Lines"
        values={LINES}
        value={paper.lines}
        onChoose={(lines) => onChoose({ ...paper, lines })}
      />
      {paper.lines !== 'PLAIN' && (
        <label className="flex items-center gap-2">
          Apart
          <select
            value={paper.spacingMm}
            onChange={(event) => onChoose({ ...paper, spacingMm: Number(event.target.value) })}
            className="min-h-8 rounded-md border border-line bg-card px-2"
          >
            {SPACINGS_MM.map((spacing) => (
              <option key={spacing} value={spacing}>
                {spacing} mm
              </option>
            ))}
          </select>
        </label>
      )}
      <Radios
        label="Tint"
        values={TINTS}
        value={paper.tint}
        onChoose={(tint) => onChoose({ ...paper, tint })}
      />
    </div>
  );
}
