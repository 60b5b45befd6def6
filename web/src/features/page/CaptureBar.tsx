import { useOutbox } from '../../device';
import { clockTime, percent, plural } from '../../ui';

type Captures = Record<'w' | 'i' | 'p' | 'r' | 'f' | 'l' | 'c' | 'n', () => void>;

const NAMES = [
  ['w', 'Write'],
  ['i', 'Ink'],
  ['p', 'Photo or scan'],
  ['r', 'Record'],
  ['f', 'File'],
  ['l', 'Link'],
  ['c', 'Collection'],
  ['n', 'Notch'],
] as const;

/** Below the page: the ways to put something on it, and whether everything is kept. */
export function CaptureBar({
  captures,
  canNotch,
  into,
  onNextZone,
}: {
  captures: Captures;
  canNotch: boolean;
  /** The zone that it goes into, where the page has more than one. */
  into?: string;
  onNextZone?: () => void;
}) {
  return (
    <div
      role="toolbar"
      aria-label="Put something on the page"
      className="no-print sticky bottom-2 z-10 mt-1.5 flex flex-wrap items-center gap-x-0.5 rounded-lg bg-bar px-2 py-1.5 text-on-bar max-md:ml-24"
    >
      {NAMES.map(([key, name]) => (
        <button
          key={key}
          type="button"
          disabled={key === 'n' && !canNotch}
          onClick={captures[key]}
          className="flex items-center gap-1.5 rounded px-1.5 py-1.5 font-semibold whitespace-nowrap hover:bg-bar-line/40 disabled:opacity-40"
        >
          {name}
          <span
            className="text-[12px] font-bold text-marker-strong uppercase max-sm:hidden"
            aria-hidden="true"
          >
            {key}
          </span>
        </button>
      ))}
      {into && (
        <button
          type="button"
          onClick={onNextZone}
          className="flex items-center gap-1.5 rounded px-2 py-1.5 text-on-bar-soft hover:bg-bar-line/40"
        >
          into <b className="text-on-bar">{into}</b>
          <span className="text-[12px] font-bold text-marker-strong max-sm:hidden" aria-hidden="true">
            Z
          </span>
        </button>
      )}
      <KeptState />
    </div>
  );
}

function KeptState() {
  const { state } = useOutbox();
  const waiting = state.waiting.size + state.acts;
  const words = state.sending
    ? `Sending “${state.sending.name}”, ${percent(state.sending.share)}`
    : waiting === 0
      ? `All kept${state.lastKept ? ` · ${clockTime(state.lastKept)}` : ''}`
      : state.isOffline
        ? `${plural(waiting, 'change')} kept on this device, waiting for the network`
        : 'Keeping…';
  return (
    <output
      className={`ml-auto px-1 text-[13px] ${state.isOffline && waiting > 0 ? 'text-marker-strong' : 'text-on-bar-soft'}`}
      aria-live="polite"
    >
      {words}
    </output>
  );
}
