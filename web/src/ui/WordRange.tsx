/** What a prompt may ask for, in words; more is a text for another page. */
const MOST_WORDS = 2000;

type Range = { least: number; most: number };

type Props = {
  /** As it is read out after "Fewest words" and "Most words". */
  of: string;
  range: Range | undefined;
  /** Both ends in order; 0 to 0 where both are empty. */
  onChange: (range: Range) => void;
};

/** From how many to how many words; one end pulls the other along. */
export function WordRange({ of, range, onChange }: Props) {
  const { least = 0, most = 0 } = range ?? {};
  const count = (label: string, value: number | undefined, act: (value: number) => void) => (
    <input
      type="number"
      min={0}
      max={MOST_WORDS}
      aria-label={`${label} words ${of}`}
      value={value ?? ''}
      className="min-h-8 w-20 min-w-0 rounded-md border border-line bg-card px-2"
      onChange={(event) => act(Number(event.target.value))}
    />
  );
  return (
    <span className="flex items-center gap-1.5">
      {count('Fewest', range?.least, (value) => onChange({ least: value, most: Math.max(value, most) }))}
      to
      {count('Most', range?.most, (value) => onChange({ least: Math.min(value, least), most: value }))}
      words
    </span>
  );
}
