import { type EvidenceKind, KIND_NAMES, OrderButtons, WordRange } from '../../ui';
import type { Zone } from './zones';

const ROLES: Record<Zone['role'], string> = {
  MAIN: 'in the middle',
  BOX: 'as a box',
  CUES: 'in a column before',
  MARGIN: 'in a column after',
  SUMMARY: 'at the foot',
};
const ASKED: EvidenceKind[] = ['TYPED', 'HANDWRITTEN', 'PHOTO', 'RECORDING', 'ATTACHED'];
const LINE = 'min-h-8 min-w-0 rounded-md border border-line bg-card px-2';

type Props = {
  zone: Zone;
  isFirst: boolean;
  isLast: boolean;
  onChange: (zone: Zone) => void;
  onMove: (by: -1 | 1) => void;
  onRemove?: () => void;
};

/** One zone of a pattern: its title, its place, its prompt, and what it asks for. */
export function ZoneFields({ zone, isFirst, isLast, onChange, onMove, onRemove }: Props) {
  const name = zone.title;
  return (
    <li className="border-b border-line py-2">
      <div className="flex flex-wrap gap-2">
        <input
          aria-label={`Title of ${name}`}
          value={zone.title}
          maxLength={60}
          className={`${LINE} w-44 font-semibold`}
          onChange={(event) => onChange({ ...zone, title: event.target.value })}
        />
        <select
          aria-label={`Place of ${name}`}
          value={zone.role}
          className={LINE}
          onChange={(event) => onChange({ ...zone, role: event.target.value as Zone['role'] })}
        >
          {Object.entries(ROLES).map(([role, words]) => (
            <option key={role} value={role}>
              {words}
            </option>
          ))}
        </select>
        <input
          aria-label={`Prompt of ${name}`}
          placeholder="What it asks"
          value={zone.prompt}
          maxLength={300}
          className={`${LINE} flex-1`}
          onChange={(event) => onChange({ ...zone, prompt: event.target.value })}
        />
        <OrderButtons {...{ name, isFirst, isLast, onMove, onRemove }} />
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-x-4 text-[13.5px]">
        <WordRange
          of={`in ${zone.title}`}
          range={zone.words}
          // Both empty: as many as one likes.
          onChange={(words) => onChange({ ...zone, words: words.most ? words : undefined })}
        />
        <span className="flex flex-wrap items-center gap-x-2.5">
          asks for one of
          {ASKED.map((kind) => (
            <label key={kind} className="flex min-h-7 items-center gap-1">
              <input
                type="checkbox"
                className="h-4 w-4 accent-petrol"
                aria-label={`${name} asks for ${KIND_NAMES[kind]}`}
                checked={zone.kinds.includes(kind)}
                onChange={(event) =>
                  onChange({
                    ...zone,
                    kinds: event.target.checked
                      ? [...zone.kinds, kind]
                      : zone.kinds.filter((one) => one !== kind),
                  })
                }
              />
              {KIND_NAMES[kind]}
            </label>
          ))}
        </span>
      </div>
    </li>
  );
}
