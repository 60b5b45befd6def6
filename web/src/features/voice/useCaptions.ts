import { type RefObject, useEffect } from 'react';
import type { SpokenLine } from './take';

/** Shows spoken lines as the captions of a film. */
export function useCaptions(video: RefObject<HTMLVideoElement | null>, lines: readonly SpokenLine[]) {
  const written = JSON.stringify(lines);
  useEffect(() => {
    const film = video.current;
    const known = JSON.parse(written) as SpokenLine[];
    if (!film?.addTextTrack || known.length === 0) return undefined;
    // A track can't be taken away again, so there is one for each film.
    const track = film.textTracks[0] ?? film.addTextTrack('captions', 'What is said');
    track.mode = 'showing';
    for (const cue of [...(track.cues ?? [])]) track.removeCue(cue);
    for (const { from, to, words } of known) track.addCue(new VTTCue(from / 1000, to / 1000, words));
    return undefined;
  }, [video, written]);
}
