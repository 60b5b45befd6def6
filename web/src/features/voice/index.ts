export { ClipDialog } from './ClipDialog';
export { ClipPlayer } from './ClipPlayer';
export { HearFrom } from './HearFrom';
export { idTime } from './idTime';
export { LitEntries } from './LitEntries';
export { Microphone, troubleOf } from './Microphone';
export type { Playable, Player } from './Player';
export { PlayingBar } from './PlayingBar';
export { playable } from './playable';
export { RecordDialog } from './RecordDialog';
export { RecordingBar } from './RecordingBar';
export { recordable } from './recordable';
export { SaidAt } from './SaidAt';
export { SoundPlayer } from './SoundPlayer';
export { SpeedChoice } from './SpeedChoice';
export { type About, takeOf } from './take';
export { timingsOf } from './timings';
export {
  type Hearing,
  HearingProvider,
  type SaidMoment,
  type Sound,
  useHearing,
  usePageHearing,
} from './useHearing';
export { PlayerProvider, usePlayer, usePlayerItself } from './usePlayer';
export { RecorderProvider, useRecorder, useRecorderItself } from './useRecorder';
export { Waveform } from './Waveform';
