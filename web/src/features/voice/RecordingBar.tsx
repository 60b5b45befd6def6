import { Link } from 'react-router';
import { length, plural, useKeys } from '../../ui';
import { LevelMeter } from './LevelMeter';
import { useRecorder } from './useRecorder';

const ACT =
  'min-h-8 rounded px-2 font-semibold whitespace-nowrap hover:bg-bar-line/40 focus-visible:outline-2';

/** The recording that runs, on every screen: how long, how loud, and what can be done with it. */
export function RecordingBar() {
  const { recorder, state } = useRecorder();
  const isOn = state.status !== 'idle';
  useKeys(isOn ? { m: () => recorder.mark() } : {});
  if (!isOn) return null;
  const isRunning = state.status === 'running';
  return (
    <section
      aria-label="Recording"
      className="no-print sticky top-12 z-20 mb-3 flex flex-wrap items-center gap-x-3 gap-y-1 rounded-lg bg-bar px-3 py-1.5 text-on-bar"
    >
      <output className="min-w-14 text-[17px] font-semibold tabular-nums">
        {length(state.millis / 1000)}
      </output>
      <LevelMeter level={state.level} />
      <span className="text-on-bar-soft">
        {isRunning ? 'Recording for' : 'Paused, for'}{' '}
        <Link to={`/n/${state.place?.notebookId}/p/${state.place?.pageId}`} className="text-on-bar underline">
          {state.place?.page}
        </Link>
      </span>
      <input
        aria-label="What it is about"
        placeholder="What it is about, in a few words"
        value={state.gist}
        maxLength={200}
        className="min-h-8 w-full rounded border border-bar-line bg-transparent px-2 text-[14px] text-on-bar placeholder:text-on-bar-soft sm:w-auto sm:min-w-44 sm:flex-1"
        onChange={(event) => recorder.describe(event.target.value)}
      />
      <span className="ml-auto flex flex-wrap gap-x-1">
        <button type="button" className={ACT} onClick={() => recorder.mark()}>
          Mark this moment
          <span className="pl-1.5 text-[12px] font-bold text-marker-strong max-sm:hidden" aria-hidden="true">
            M
          </span>
        </button>
        <button
          type="button"
          className={ACT}
          onClick={isRunning ? recorder.pause : () => void recorder.goOn()}
        >
          {isRunning ? 'Pause' : 'Go on'}
        </button>
        <button
          type="button"
          className={`${ACT} bg-on-bar text-bar hover:bg-on-bar-soft`}
          onClick={recorder.stop}
        >
          Stop and keep
        </button>
      </span>
      {state.moments.length > 0 && (
        <span className="text-[13px] text-on-bar-soft" aria-live="polite">
          {plural(state.moments.length, 'moment')} marked, the last at{' '}
          {length((state.moments.at(-1)?.at ?? 0) / 1000)}
        </span>
      )}
      {state.trouble && (
        <span role="alert" className="w-full text-[13.5px] text-marker-strong">
          {state.trouble}
        </span>
      )}
    </section>
  );
}
