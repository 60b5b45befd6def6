import { useEffect, useRef } from 'react';

/** Whether keys go into something that is typed into. */
export const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)) &&
  !(target instanceof HTMLInputElement && /^(checkbox|radio|range|button)$/.test(target.type));

/** Single keys that act while nothing is being typed and no dialog is open; a key is named as in KeyboardEvent.key, lower case. */
export function useKeys(keys: Record<string, () => void>) {
  const latest = useRef(keys);
  latest.current = keys;
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const isPlain = !event.ctrlKey && !event.metaKey && !event.altKey;
      const act = latest.current[event.key.toLowerCase()];
      if (
        !act ||
        !isPlain ||
        event.defaultPrevented ||
        isTyping(event.target) ||
        document.querySelector('dialog[open]')
      )
        return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
