import { useEffect, useState } from 'react';
import type { Player } from '../voice';

/** Where a player stands, in ms, at every picture that the browser draws: a pen is followed by the eye. */
export function useNow(player: Player): number {
  const [now, setNow] = useState(() => player.position() * 1000);
  useEffect(() => {
    let frame = 0;
    const look = () => {
      setNow(player.position() * 1000);
      frame = requestAnimationFrame(look);
    };
    look();
    return () => cancelAnimationFrame(frame);
  }, [player]);
  return now;
}
