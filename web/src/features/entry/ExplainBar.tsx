import { Button } from '../../ui';
import { RecordingBar, useRecorder } from '../voice';

/** Talking while one draws on a picture: begins it, then shows the recording that runs. */
export function ExplainBar({ onExplain }: { onExplain: () => void }) {
  const { state } = useRecorder();
  if (state.status !== 'idle') return <RecordingBar />;
  return (
    <div className="mb-2 flex flex-wrap items-center gap-x-3">
      <Button onClick={onExplain}>Explain aloud while you draw</Button>
      {state.trouble ? (
        <span role="alert" className="text-[13.5px] text-rust">
          {state.trouble}
        </span>
      ) : (
        <span className="text-[13px] text-soft">What you draw plays back with your voice.</span>
      )}
    </div>
  );
}
