import { Button, ChoiceField, TextField } from '../../ui';
import type { Row } from './rows';

type Props = {
  line: number;
  row: Row;
  holders: Row[];
  depth: number;
  isOpen: boolean;
  isKept: boolean;
  onOpen: () => void;
  onChange: (change: Partial<Row>) => void;
  onAdd: () => void;
  onRemove: () => void;
};

/** A line of a syllabus; opened, everything that can be said of it. */
export function SyllabusRow({ row, depth, isOpen, isKept, onOpen, ...acts }: Props) {
  const words = (
    <>
      <b className={`w-14 shrink-0 ${row.isPoint ? 'text-petrol' : ''}`}>{row.code || '–'}</b>
      <span className={`min-w-0 flex-1 ${row.isPoint ? '' : 'font-semibold'}`}>
        {row.text || 'No words yet'}
      </span>
      <span className="text-[13px] whitespace-nowrap text-soft">
        {[
          row.weight && `${row.weight} %`,
          row.tier === 'EXTENDED' && 'extended',
          row.years,
          row.note && 'note',
        ]
          .filter(Boolean)
          .join(' · ')}
      </span>
    </>
  );
  const indent = { paddingLeft: `${16 + 20 * depth}px` };
  if (!isKept) {
    return (
      <li className="flex items-baseline gap-3 py-1 pr-4" style={indent} title={row.note || undefined}>
        {words}
      </li>
    );
  }
  return (
    <li className={`border-l-[3px] ${isOpen ? 'border-petrol bg-wash' : 'border-transparent'}`}>
      <button
        type="button"
        aria-expanded={isOpen}
        onClick={onOpen}
        style={indent}
        className="flex min-h-[30px] w-full items-baseline gap-3 py-1 pr-4 text-left hover:text-petrol"
      >
        {words}
      </button>
      {isOpen && <RowFields row={row} {...acts} />}
    </li>
  );
}

function RowFields({
  line,
  row,
  holders,
  onChange,
  onAdd,
  onRemove,
}: Pick<Props, 'line' | 'row' | 'holders' | 'onChange' | 'onAdd' | 'onRemove'>) {
  return (
    <div className="px-4 pt-1 pb-3">
      <p className="mb-2 text-[13px] text-soft">Line {line}</p>
      <div className="grid gap-x-3 sm:grid-cols-[7rem_1fr]">
        <TextField
          label="Code"
          value={row.code}
          maxLength={40}
          onChange={(event) => onChange({ code: event.target.value })}
        />
        <TextField
          label={row.isPoint ? 'Statement' : 'Title'}
          value={row.text}
          maxLength={1000}
          onChange={(event) => onChange({ text: event.target.value })}
        />
      </div>
      <div className="grid gap-x-3 sm:grid-cols-4">
        <ChoiceField
          label="Under"
          value={row.under}
          onChange={(event) => onChange({ under: event.target.value })}
        >
          {!row.isPoint && <option value="">nothing: a unit</option>}
          {holders.map((one) => (
            <option key={one.key} value={one.key}>
              {one.code} {one.text}
            </option>
          ))}
        </ChoiceField>
        <TextField
          label="Weight in %"
          value={row.weight}
          inputMode="decimal"
          onChange={(event) => onChange({ weight: event.target.value })}
        />
        <ChoiceField
          label="Tier"
          value={row.tier}
          onChange={(event) => onChange({ tier: event.target.value as Row['tier'] })}
        >
          <option value="CORE">Core</option>
          <option value="EXTENDED">Extended</option>
        </ChoiceField>
        <TextField
          label="Exam years"
          value={row.years}
          placeholder="all"
          onChange={(event) => onChange({ years: event.target.value })}
        />
      </div>
      <TextField
        label="Note"
        value={row.note}
        maxLength={1000}
        onChange={(event) => onChange({ note: event.target.value })}
      />
      <div className="flex gap-2">
        <Button onClick={onAdd}>{row.isPoint ? 'Add a point after it' : 'Add a line under it'}</Button>
        <Button look="warn" onClick={onRemove}>
          Take it out
        </Button>
      </div>
    </div>
  );
}
