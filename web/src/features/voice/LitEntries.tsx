import { useEffect } from 'react';
import { litAt } from '../../core/voice';
import type { SaidMoment } from './useHearing';
import { usePlayer } from './usePlayer';

type Props = {
  /** By the ids of what is on the page. */
  timings: ReadonlyMap<string, SaidMoment>;
  of: 'entry' | 'mark';
};

/** While a recording plays, lights up what was made on a page at that moment; draws nothing itself. */
export function LitEntries({ timings, of }: Props) {
  const { state } = usePlayer();
  const meanwhile = [...timings].filter(([, timing]) => timing.recording === state.playing?.id);
  const moments = meanwhile.map(([, timing]) => timing.at);
  const lit = state.isPlaying ? [...litAt(moments, state.at * 1000)] : [];
  const ids = lit.map((place) => meanwhile[place]?.[0]).join(' ');
  useEffect(() => {
    const entries = ids.split(' ').flatMap((id) => document.getElementById(`${of}-${id}`) ?? []);
    for (const entry of entries) entry.dataset.lit = '';
    return () => {
      for (const entry of entries) delete entry.dataset.lit;
    };
  }, [ids, of]);
  return null;
}
