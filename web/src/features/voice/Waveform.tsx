/** Bars that stand side by side with room between them, whatever the width. */
const MOST_BARS = 160;

type Props = {
  peaks: readonly number[];
  /** How much of it has been played, from 0 to 1. */
  share: number;
  /** Marked moments and the ends of a loop, as shares. */
  signs?: readonly number[];
  /** What of it is heard, where it was trimmed, as shares. */
  heard?: { from: number; to: number };
  /** How many bars there is room for. */
  most?: number;
};

/** How loud a recording is over its length. */
export function Waveform({ peaks, share, signs = [], heard, most = MOST_BARS }: Props) {
  const bars = loudestOf(peaks, most);
  const width = Math.max(1, bars.length);
  return (
    <svg viewBox={`0 0 ${width} 32`} preserveAspectRatio="none" className="h-full w-full" aria-hidden="true">
      {bars.map((peak, i) => {
        const height = Math.max(2, (peak / 100) * 30);
        return (
          <rect
            key={i}
            x={i + 0.15}
            width={0.6}
            y={16 - height / 2}
            height={height}
            fill={i / bars.length < share ? 'var(--petrol)' : 'var(--line)'}
            opacity={heard && (i / bars.length < heard.from || i / bars.length > heard.to) ? 0.3 : 1}
          />
        );
      })}
      {signs.map((sign, i) => (
        <rect key={i} x={sign * width - 0.2} width={0.4} y={0} height={32} fill="var(--brass)" />
      ))}
    </svg>
  );
}

/** The loudest of each stretch, so that no peak is lost between bars. */
export function loudestOf(peaks: readonly number[], most: number): number[] {
  const count = Math.min(most, peaks.length);
  return Array.from({ length: count }, (_, bar) =>
    Math.max(
      ...peaks.slice(
        Math.floor((bar * peaks.length) / count),
        Math.max(
          Math.floor((bar * peaks.length) / count) + 1,
          Math.floor(((bar + 1) * peaks.length) / count),
        ),
      ),
    ),
  );
}
