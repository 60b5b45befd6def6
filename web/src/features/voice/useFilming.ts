import { useEffect, useRef, useState } from 'react';
import { v7 as newId } from 'uuid';
import { hold, useOutbox } from '../../device';
import { troubleOf } from './Microphone';
import { recordable } from './recordable';
import { takeOf } from './take';

const SLICE_MILLIS = 1_000;

/** A clip shows one thing; a longer film is better chosen as a file. */
export const LONGEST_CLIP_SECONDS = 300;

type Place = { pageId: string; zone: string };

/** Films a short clip; every second is on the device as it is filmed. */
export function useFilming(place: Place, onKept: () => void) {
  const { outbox } = useOutbox();
  const [stream, setStream] = useState<MediaStream>();
  const [trouble, setTrouble] = useState('');
  const [seconds, setSeconds] = useState<number>();
  const recorder = useRef<MediaRecorder>(undefined);

  useEffect(() => {
    let isGone = false;
    let opened: MediaStream | undefined;
    const open = async () => {
      try {
        if (!navigator.mediaDevices) throw new DOMException('', 'NotFoundError');
        opened = await navigator.mediaDevices.getUserMedia({
          video: { width: { ideal: 1280 }, height: { ideal: 720 }, facingMode: 'environment' },
          audio: true,
        });
        if (isGone) for (const track of opened.getTracks()) track.stop();
        else setStream(opened);
      } catch (error) {
        setTrouble(troubleOf(error, 'camera'));
      }
    };
    open();
    return () => {
      isGone = true;
      // What was filmed until now is kept, also when the dialog is closed meanwhile.
      if (recorder.current?.state === 'recording') recorder.current.stop();
      for (const track of opened?.getTracks() ?? []) track.stop();
    };
  }, []);

  const start = () => {
    if (!stream) return;
    const recording = newId();
    const release = hold(recording);
    const keeping: Promise<unknown>[] = [
      outbox.recordings.keepTake({ recording, ...place, kind: 'CLIP', content: takeOf({}) }),
    ];
    const media = new MediaRecorder(stream, {
      mimeType: recordable('video/webm;codecs=vp8,opus', 'video/mp4'),
    });
    recorder.current = media;
    const began = Date.now();
    media.ondataavailable = ({ data }) => {
      if (data.size > 0) keeping.push(outbox.recordings.keepSlice({ recording, blob: data }));
      const length = (Date.now() - began) / 1000;
      setSeconds(length);
      if (length >= LONGEST_CLIP_SECONDS && media.state === 'recording') media.stop();
    };
    media.onstop = async () => {
      await Promise.all(keeping);
      await outbox.recordings.finish(recording);
      release();
      onKept();
    };
    media.start(SLICE_MILLIS);
    setSeconds(0);
  };

  return { stream, trouble, seconds, start, stop: () => recorder.current?.stop() };
}
