import { useEffect, useRef, useState } from 'react';
import { v7 as newId } from 'uuid';
import { hold, useOutbox } from '../../device';
import { Button, Dialog, length, Trouble } from '../../ui';

/** Every second of a recording is on the device as soon as it is over. */
const SLICE_MILLIS = 1_000;

type Props = {
  pageId: string;
  zone: string;
  onClose: () => void;
  onFile: (blob: Blob, name: string) => Promise<void>;
};

/** Record with the microphone, or choose a sound file. */
export function RecordDialog({ pageId, zone, onClose, onFile }: Props) {
  const recorder = useRecorder(pageId, zone, onClose);
  const choose = async (files: FileList | null) => {
    for (const file of files ?? []) await onFile(file, file.name);
    onClose();
  };
  return (
    <Dialog
      title={recorder.isRecording ? 'Recording' : 'Record'}
      onClose={() => (recorder.isRecording ? recorder.stop() : onClose())}
    >
      <Trouble>{recorder.trouble}</Trouble>
      {recorder.isRecording ? (
        <div className="flex items-center gap-4">
          <Button look="act" onClick={recorder.stop}>
            Stop and keep
          </Button>
          <output className="text-[20px] font-semibold tabular-nums">{length(recorder.seconds)}</output>
        </div>
      ) : (
        <div className="flex flex-wrap items-center gap-3">
          <Button look="act" onClick={recorder.start}>
            Start recording
          </Button>
          <label className="cursor-pointer rounded-md border border-line px-3 py-1.5 font-semibold focus-within:outline-2 hover:border-petrol">
            Choose a sound file
            <input
              type="file"
              accept="audio/*,.wav,.ogg,.webm,.mp3"
              className="sr-only"
              onChange={(event) => choose(event.target.files)}
            />
          </label>
        </div>
      )}
      <p className="mt-3 text-[13px] text-soft">
        Every second is kept on this device as it is recorded, also when the network drops or the tab closes.
      </p>
    </Dialog>
  );
}

function useRecorder(pageId: string, zone: string, onKept: () => void) {
  const { outbox } = useOutbox();
  const [beganAt, setBeganAt] = useState<number>();
  const [seconds, setSeconds] = useState(0);
  const [trouble, setTrouble] = useState('');
  const media = useRef<MediaRecorder>(undefined);

  useEffect(() => {
    if (!beganAt) return;
    const timer = setInterval(() => setSeconds((Date.now() - beganAt) / 1000), 250);
    return () => clearInterval(timer);
  }, [beganAt]);

  const start = async () => {
    const stream = await navigator.mediaDevices?.getUserMedia({ audio: true }).catch(() => undefined);
    if (!stream) return setTrouble('No microphone answers. Allow it in the browser, or choose a sound file.');
    const recording = newId();
    const release = hold(recording);
    const made = new MediaRecorder(stream, { mimeType: 'audio/webm;codecs=opus' });
    const keeping: Promise<unknown>[] = [];
    made.ondataavailable = (event) => {
      keeping.push(
        outbox.keepSlice({ recording, pageId, zone, startedAt: new Date().toISOString(), blob: event.data }),
      );
    };
    made.onstop = async () => {
      for (const track of stream.getTracks()) track.stop();
      await Promise.all(keeping);
      await outbox.finishRecording(recording);
      release();
      onKept();
    };
    made.start(SLICE_MILLIS);
    media.current = made;
    setBeganAt(Date.now());
  };
  return { start, stop: () => media.current?.stop(), isRecording: !!beganAt, seconds, trouble };
}
