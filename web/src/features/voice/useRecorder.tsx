import { createContext, type ReactNode, useContext, useState, useSyncExternalStore } from 'react';
import { useOutbox } from '../../device';
import { Recorder } from './Recorder';

const Context = createContext<Recorder | null>(null);

/** Holds the recording of this tab, which goes on whichever screen is shown. */
export function RecorderProvider({ children }: { children: ReactNode }) {
  const { outbox } = useOutbox();
  const [recorder] = useState(() => new Recorder(outbox));
  return <Context.Provider value={recorder}>{children}</Context.Provider>;
}

/** The recorder of this tab, without hearing of its every step. */
export function useRecorderItself(): Recorder {
  const recorder = useContext(Context);
  if (!recorder) throw new Error('There is no recorder above this component.');
  return recorder;
}

export function useRecorder() {
  const recorder = useRecorderItself();
  return { recorder, state: useSyncExternalStore(recorder.subscribe, recorder.snapshot) };
}
