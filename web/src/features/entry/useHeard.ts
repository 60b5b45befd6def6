import { useMemo } from 'react';
import type { Mark } from '../mark';
import { type Hearing, idTime, playable, type SaidMoment, type Sound, takeOf, timingsOf } from '../voice';
import type { Shown } from './shown';

/** The recordings of a page and the moments of what was made meanwhile; they change with recordings, not with letters. */
export function useHeard(entries: readonly Shown[], address: string) {
  const recordings = entries.filter((one) => one.kind === 'RECORDING');
  const said = recordings.map(({ id, caption, content, media }) => [
    id,
    caption,
    content,
    media && [media.id, media.compact, media.seconds, media.silences],
  ]);
  const key = `${JSON.stringify(said)} ${entries.map((one) => one.id).join(' ')}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key says all that counts
  return useMemo(
    () => ({
      timings: timingsOf(entries),
      sounds: recordings
        .filter((one) => one.media)
        .map(
          ({ id, media, caption, content }): Sound => ({
            playable: playable({
              id,
              media,
              name: caption || 'Recording',
              address,
              trim: takeOf(content).trim,
            }),
            content,
          }),
        ),
    }),
    [key, address],
  );
}

/** The moments of marks that were set while a recording ran, by mark. */
export const useMarkTimings = (marks: readonly Mark[], hearing: Hearing) =>
  useMemo(
    () =>
      new Map<string, SaidMoment>(
        marks.flatMap(({ id }) => {
          const moment = hearing.momentOf(idTime(id));
          return moment ? [[id, moment]] : [];
        }),
      ),
    [marks, hearing],
  );
