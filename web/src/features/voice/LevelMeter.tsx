/** Room below full scale that the meter shows, in dB. */
const RANGE_DB = 54;
const STEPS = 12;

/** How loud it is, as bars; loudness is heard in ratios, so it is shown in dB. */
export function LevelMeter({ level }: { level: number }) {
  const share = level > 0 ? Math.max(0, 1 + (20 * Math.log10(level)) / RANGE_DB) : 0;
  return (
    <span className="flex h-4 items-end gap-[2px]" aria-hidden="true">
      {Array.from({ length: STEPS }, (_, step) => (
        <span
          key={step}
          className={`w-[3px] rounded-[1px] ${step < Math.round(share * STEPS) ? 'bg-marker-strong' : 'bg-bar-line'}`}
          style={{ height: `${30 + (70 * step) / STEPS}%` }}
        />
      ))}
    </span>
  );
}
