import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, ChoiceField, Dialog, Trouble } from '../../ui';
import { microphones } from './Microphone';
import type { RecordingPlace } from './Recorder';
import { useRecorder } from './useRecorder';

type Props = {
  place: RecordingPlace;
  onClose: () => void;
  onFile: (blob: Blob, name: string) => Promise<void>;
  /** Films instead. */
  onFilm: () => void;
};

/** Record with a microphone, or choose a sound file. */
export function RecordDialog({ place, onClose, onFile, onFilm }: Props) {
  const { recorder, state } = useRecorder();
  const known = useQuery({ queryKey: ['microphones'], queryFn: microphones, staleTime: 0 }).data ?? [];
  const [device, setDevice] = useState('');
  const start = async () => {
    if (await recorder.start(place, device)) onClose();
  };
  const choose = async (files: FileList | null) => {
    for (const file of files ?? []) await onFile(file, file.name);
    onClose();
  };
  if (state.status !== 'idle')
    return (
      <Dialog title="A recording runs" onClose={onClose}>
        <p className="mb-3">One recording runs at a time. Stop this one first; it is kept on its page.</p>
        <Button look="act" onClick={recorder.stop}>
          Stop and keep
        </Button>
      </Dialog>
    );
  return (
    <Dialog title="Record" onClose={onClose}>
      <Trouble>{state.trouble}</Trouble>
      <div className="flex flex-wrap items-center gap-3">
        <Button look="act" onClick={start}>
          Start recording
        </Button>
        <Button onClick={onFilm}>Film a clip</Button>
        <label className="cursor-pointer rounded-md border border-line px-3 py-1.5 font-semibold focus-within:outline-2 hover:border-petrol">
          Choose a sound file
          <input
            type="file"
            accept="audio/*,.wav,.ogg,.opus,.webm,.mp3,.m4a,.mp4"
            className="sr-only"
            onChange={(event) => choose(event.target.files)}
          />
        </label>
      </div>
      {/* Below: it comes when the microphones are known, and would move the button from under the finger. */}
      {known.length > 1 && (
        <div className="mt-3">
          <ChoiceField label="Microphone" value={device} onChange={(event) => setDevice(event.target.value)}>
            <option value="">The one that the browser prefers</option>
            {known.map((one, at) => (
              <option key={one.deviceId} value={one.deviceId}>
                {one.label || `Microphone ${at + 1}`}
              </option>
            ))}
          </ChoiceField>
        </div>
      )}
      <p className="mt-3 text-[13px] text-soft">
        You can write, draw and turn pages meanwhile. Every second is kept on this device as it is recorded,
        also when the network drops or the tab closes.
      </p>
    </Dialog>
  );
}
