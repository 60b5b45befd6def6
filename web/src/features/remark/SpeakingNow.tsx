import { useEffect, useState } from 'react';
import { Button, length } from '../../ui';
import type { useSpeaking } from './useSpeaking';

type Props = { speaking: Pick<ReturnType<typeof useSpeaking>, 'keep' | 'throwAway'>; since: number };

/** How long somebody has been speaking, and the ways to end it. */
export function SpeakingNow({ speaking, since }: Props) {
  const [now, setNow] = useState(since);
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, []);
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span role="status" className="font-semibold">
        Recording {length(Math.max(0, now - since) / 1000)}
      </span>
      <Button look="act" hotkey="R" onClick={speaking.keep}>
        Stop and keep
      </Button>
      <Button hotkey="Esc" onClick={speaking.throwAway}>
        Throw away
      </Button>
    </div>
  );
}
