import { Link, useLocation } from 'react-router';
import { length, useKeys } from '../../ui';
import { usePlayer } from './usePlayer';

const ACT = 'min-h-8 rounded px-2 font-semibold whitespace-nowrap hover:bg-bar-line/40';

/** What plays while another screen is shown, with the way back to it. Its keys act on every screen. */
export function PlayingBar() {
  const { player, state } = usePlayer();
  const { pathname } = useLocation();
  const { playing } = state;
  useKeys(playing ? { h: () => player.toggle(), ',': () => player.by(-5), '.': () => player.by(5) } : {});
  if (!playing?.address || playing.address.split('?')[0] === pathname) return null;
  return (
    <section
      aria-label="Playing"
      className="no-print sticky top-12 z-20 mb-3 flex flex-wrap items-center gap-x-3 rounded-lg bg-bar px-3 py-1.5 text-on-bar"
    >
      <Link to={playing.address} className="min-w-0 truncate underline">
        {playing.name}
      </Link>
      <span className="text-on-bar-soft tabular-nums">
        {length(state.at)} of {length(playing.seconds)}
      </span>
      <span className="ml-auto flex">
        <button type="button" className={ACT} onClick={() => player.toggle()}>
          {state.isPlaying ? 'Stop' : 'Play'}
        </button>
        <button type="button" className={ACT} onClick={player.close}>
          Put away
        </button>
      </span>
    </section>
  );
}
