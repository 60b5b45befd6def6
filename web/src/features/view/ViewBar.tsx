import type { Api } from '../../api';
import { Menu, MenuItem } from '../../ui';
import type { Aspect } from './details';
import { type Look, onlyWith, ownShown } from './look';
import { OnlyValues } from './OnlyValues';

type Props = {
  look: Look;
  aspects: readonly Aspect[];
  /** By which things are grouped, counted, coloured or laid along time. */
  by: Aspect;
  /** The values that things have of what the view is narrowed by. */
  valuesOf: (aspect: Aspect) => string[];
  onChange: (look: Look) => void;
};

const BOX = 'min-h-8 max-w-52 rounded-md border border-line bg-card px-2';

const BY: Partial<Record<Look['shape'], string>> = {
  GROUPS: 'in groups by',
  CHART: 'counted by',
  TIME: 'along',
  BOARD: 'coloured by',
  PICTURES: 'in groups by',
};

/** What a view is narrowed to, sorted by, and grouped, counted or coloured by. */
export function ViewBar({ look, aspects, by, valuesOf, onChange }: Props) {
  const says = BY[look.shape];
  const narrowed = aspects.filter(({ key }) => look.only[key]);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5 text-[13.5px]">
      <label className="flex items-center gap-1.5">
        <span className="text-soft">holding</span>
        <input
          type="search"
          aria-label="Only things that hold"
          value={look.words}
          maxLength={200}
          placeholder="words"
          className={`${BOX} w-36`}
          onChange={(event) => onChange({ ...look, words: event.target.value })}
        />
      </label>
      <span className="flex items-center gap-1.5">
        <label className="flex items-center gap-1.5">
          <span className="text-soft">only</span>
          <select
            aria-label="Only things by"
            value=""
            className={BOX}
            onChange={({ target: { value } }) => {
              const aspect = aspects.find(({ key }) => key === value);
              const [first = ''] = aspect ? valuesOf(aspect) : [];
              if (aspect) onChange({ ...look, only: { ...look.only, [value]: [first] } });
            }}
          >
            <option value="">{narrowed.length > 0 ? 'also by…' : 'all things'}</option>
            {aspects
              .filter((aspect) => !narrowed.includes(aspect))
              .map(({ key, name }) => (
                <option key={key} value={key}>
                  {name}
                </option>
              ))}
          </select>
        </label>
        {narrowed.map((aspect) => (
          <OnlyValues
            key={aspect.key}
            aspect={aspect}
            chosen={look.only[aspect.key] ?? []}
            values={valuesOf(aspect)}
            onChoose={(values) => onChange({ ...look, only: onlyWith(look.only, aspect.key, values) })}
          />
        ))}
      </span>
      <Sorts look={look} aspects={aspects} onChange={onChange} />
      {says && (
        <label className="flex items-center gap-1.5">
          <span className="text-soft">{says}</span>
          <select
            value={look.shape === 'PICTURES' ? (look.by ?? '') : by.key}
            className={BOX}
            onChange={({ target: { value } }) => onChange({ ...look, by: value || undefined })}
          >
            {look.shape === 'PICTURES' && <option value="">nothing</option>}
            {aspects
              .filter(({ scale }) => look.shape !== 'TIME' || scale === 'DAYS')
              .map(({ key, name }) => (
                <option key={key} value={key}>
                  {name}
                </option>
              ))}
          </select>
        </label>
      )}
      <ShownDetails look={look} aspects={aspects} onChange={onChange} />
      {look.shape === 'CHART' && (
        <>
          <Heights look={look} aspects={aspects} onChange={onChange} />
          <DrawnAs look={look} onChange={onChange} />
        </>
      )}
    </div>
  );
}

function Sorts({ look, aspects, onChange }: Omit<Props, 'by' | 'valuesOf'>) {
  const [first] = look.sorts;
  if (look.shape === 'BOARD' || look.shape === 'CHART' || look.shape === 'TIME') return null;
  return (
    <span className="flex items-center gap-1.5">
      <label className="flex items-center gap-1.5">
        <span className="text-soft">sorted by</span>
        <select
          value={first?.detail ?? ''}
          className={BOX}
          onChange={({ target: { value } }) =>
            onChange({ ...look, sorts: value ? [{ detail: value, isFalling: false }] : [] })
          }
        >
          <option value="">my own order</option>
          {aspects.map(({ key, name }) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {first && (
        <button
          type="button"
          className="min-h-8 px-1 font-semibold text-petrol hover:underline"
          onClick={() =>
            onChange({ ...look, sorts: [{ ...first, isFalling: !first.isFalling }, ...look.sorts.slice(1)] })
          }
        >
          {first.isFalling ? 'most first' : 'least first'}
        </button>
      )}
    </span>
  );
}

/** Which details stand with the things; all of them where none was chosen. */
function ShownDetails({ look, aspects, onChange }: Omit<Props, 'by' | 'valuesOf'>) {
  const own = aspects.filter((aspect) => aspect.own);
  if (own.length < 2 || look.shape === 'CHART') return null;
  const seen = ownShown(look, aspects).map(({ key }) => key);
  const toggle = (key: string) =>
    onChange({ ...look, shown: seen.includes(key) ? seen.filter((one) => one !== key) : [...seen, key] });
  return (
    <Menu name="Details" label="Details that are seen">
      {own.map(({ key, name }) => (
        <MenuItem key={key} onSelect={() => toggle(key)}>
          {seen.includes(key) ? `Without ${name}` : `With ${name}`}
        </MenuItem>
      ))}
    </Menu>
  );
}

const DRAWN: Record<NonNullable<Look['drawn']>, string> = {
  BARS: 'bars',
  LINE: 'a line',
  SHARES: 'parts of the whole',
};

function DrawnAs({ look, onChange }: Pick<Props, 'look' | 'onChange'>) {
  return (
    <label className="flex items-center gap-1.5">
      <span className="text-soft">as</span>
      <select
        value={look.drawn ?? 'BARS'}
        className={BOX}
        onChange={({ target: { value } }) => onChange({ ...look, drawn: value as Look['drawn'] })}
      >
        {Object.entries(DRAWN).map(([drawn, words]) => (
          <option key={drawn} value={drawn}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

const HEIGHTS: Record<Api['Look']['height'], string> = {
  COUNT: 'how many things',
  SUM: 'the sum of',
  MEAN: 'the mean of',
};

function Heights({ look, aspects, onChange }: Omit<Props, 'by' | 'valuesOf'>) {
  const numbers = aspects.filter(({ scale }) => scale === 'NUMBERS');
  if (numbers.length === 0) return null;
  return (
    <span className="flex items-center gap-1.5">
      <select
        aria-label="What the bars show"
        value={look.height}
        className={BOX}
        onChange={({ target: { value } }) =>
          onChange({
            ...look,
            height: value as Look['height'],
            number: value === 'COUNT' ? undefined : (look.number ?? numbers[0]?.key),
          })
        }
      >
        {Object.entries(HEIGHTS).map(([height, words]) => (
          <option key={height} value={height}>
            {words}
          </option>
        ))}
      </select>
      {look.height !== 'COUNT' && (
        <select
          aria-label="Of which number"
          value={look.number}
          className={BOX}
          onChange={({ target: { value } }) => onChange({ ...look, number: value })}
        >
          {numbers.map(({ key, name }) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </select>
      )}
    </span>
  );
}
