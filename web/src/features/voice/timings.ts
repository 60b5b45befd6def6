import { momentOf } from '../../core/voice';
import { takeOf } from './take';
import type { SaidMoment } from './useHearing';

type Made = { id: string; kind: string; content: unknown; madeAt: string };

/** The moments of what was made on a page while a recording ran, by entry. */
export function timingsOf(entries: readonly Made[]): Map<string, SaidMoment> {
  const timings = new Map<string, SaidMoment>();
  for (const recording of entries.filter((one) => one.kind === 'RECORDING')) {
    const stretches = takeOf(recording.content).stretches.flatMap((one) => [one.startedAt, one.length]);
    if (stretches.length === 0) continue;
    for (const entry of entries) {
      const at = entry.id === recording.id ? -1 : momentOf(stretches, Date.parse(entry.madeAt));
      if (at >= 0) timings.set(entry.id, { recording: recording.id, at });
    }
  }
  return timings;
}
