import { useEffect, useRef, useState } from 'react';
import { Microphone, recordable, troubleOf } from '../voice';

/** In bits a second: a voice is clear. */
const BIT_RATE = 32_000;

/** A remark is short; what is longer is said in a second one. */
const LONGEST_MILLIS = 5 * 60_000;

type Speaking = { stop: (isKept: boolean) => void; since: number };

/** A remark that is being spoken: begun, stopped and kept, or thrown away. */
export function useSpeaking(onSpoken: (sound: Blob) => void) {
  const [since, setSince] = useState<number>();
  const [trouble, setTrouble] = useState('');
  const speaking = useRef<Speaking>(undefined);
  const spoken = useRef(onSpoken);
  spoken.current = onSpoken;
  // Whoever goes on to the next while speaking has said it.
  useEffect(() => () => speaking.current?.stop(true), []);

  const start = async () => {
    if (speaking.current) return;
    const keep = spoken.current;
    const microphone = new Microphone(() => speaking.current?.stop(true));
    try {
      await microphone.open();
    } catch (error) {
      microphone.close();
      return setTrouble(troubleOf(error));
    }
    const media = new MediaRecorder(microphone.sound, {
      mimeType: recordable('audio/webm;codecs=opus', 'audio/mp4'),
      audioBitsPerSecond: BIT_RATE,
    });
    const parts: Blob[] = [];
    let isKept = true;
    const timer = setTimeout(() => speaking.current?.stop(true), LONGEST_MILLIS);
    media.ondataavailable = ({ data }) => data.size > 0 && parts.push(data);
    media.onstop = () => {
      microphone.close();
      if (isKept && parts.length > 0) keep(new Blob(parts, { type: media.mimeType }));
    };
    speaking.current = {
      since: Date.now(),
      stop: (wanted) => {
        isKept = wanted;
        clearTimeout(timer);
        speaking.current = undefined;
        setSince(undefined);
        media.stop();
      },
    };
    media.start(1_000);
    setTrouble('');
    setSince(speaking.current.since);
  };
  return {
    since,
    trouble,
    start,
    keep: () => speaking.current?.stop(true),
    throwAway: () => speaking.current?.stop(false),
  };
}
