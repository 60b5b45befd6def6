import { type EvidenceKind, KIND_NAMES } from '../../ui';
import { ORDERS, STATES, type Wish } from './arrange';

type Props = { wish: Wish; onChange: (wish: Wish) => void; notebook: string };

const SELECT = 'min-h-8 rounded-md border border-line bg-card px-1.5 text-ink';

/** Which topics are shown and in which order, and the ways out on paper and as tables. */
export function CoverageTools({ wish, onChange, notebook }: Props) {
  const file = (ending: string) => `/api/notebooks/${notebook}/coverage.${ending}`;
  const link = 'min-h-6 font-semibold text-petrol hover:underline';
  return (
    <div className="no-print mb-2 flex flex-wrap items-center gap-x-4 gap-y-1.5 text-[13.5px] text-soft">
      <Choice
        label="Sorted"
        names={ORDERS}
        value={wish.order}
        onChoose={(order) => onChange({ ...wish, order })}
      />
      <Choice
        label="Standing"
        names={STATES}
        value={wish.state}
        onChoose={(state) => onChange({ ...wish, state })}
      />
      <label className="flex items-center gap-1.5">
        Without
        <select
          className={SELECT}
          value={wish.without}
          onChange={(event) => onChange({ ...wish, without: event.target.value as EvidenceKind | '' })}
        >
          <option value="">any kind</option>
          {Object.entries(KIND_NAMES).map(([kind, name]) => (
            <option key={kind} value={kind}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <Choice
        label="Tier"
        names={{ ANY: 'both', CORE: 'core', EXTENDED: 'extended' }}
        value={wish.tier}
        onChoose={(tier) => onChange({ ...wish, tier })}
      />
      <span className="ml-auto flex items-center gap-3">
        Save as
        {['pdf', 'xlsx', 'csv'].map((ending) => (
          <a key={ending} className={link} href={file(ending)} download>
            {ending.toUpperCase()}
          </a>
        ))}
      </span>
    </div>
  );
}

function Choice<Value extends string>({
  label,
  names,
  value,
  onChoose,
}: {
  label: string;
  names: Record<Value, string>;
  value: Value;
  onChoose: (value: Value) => void;
}) {
  return (
    <label className="flex items-center gap-1.5">
      {label}
      <select className={SELECT} value={value} onChange={(event) => onChoose(event.target.value as Value)}>
        {(Object.entries(names) as [Value, string][]).map(([one, name]) => (
          <option key={one} value={one}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
