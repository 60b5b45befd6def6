import { createContext, type ReactNode, useContext, useState, useSyncExternalStore } from 'react';
import { Player } from './Player';

const Context = createContext<Player | null>(null);

/** Holds the sound that plays in this tab. */
export function PlayerProvider({ children }: { children: ReactNode }) {
  const [player] = useState(() => new Player());
  return <Context.Provider value={player}>{children}</Context.Provider>;
}

/** The player of this tab, without hearing of its every step. */
export function usePlayerItself(): Player {
  const player = useContext(Context);
  if (!player) throw new Error('There is no player above this component.');
  return player;
}

export function usePlayer() {
  const player = usePlayerItself();
  return { player, state: useSyncExternalStore(player.subscribe, player.snapshot) };
}
