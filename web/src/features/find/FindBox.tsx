import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Api } from '../../api';
import { Dialog } from '../../ui';
import { KeepInCollection, keptEntry } from '../collection';
import { HitRow } from './HitRow';
import { type Hit, hitsOf } from './hits';
import { findQuery } from './queries';

/** How long the fingers rest before the server is asked. */
const PAUSE_MILLIS = 120;

/** One box over everything of one's own: points, pages, sections and the words of entries, from any screen. */
export function FindBox({ onClose }: { onClose: () => void }) {
  const go = useNavigate();
  const [typed, setTyped] = useState('');
  const asked = useRested(typed);
  const { data, error, isPlaceholderData } = useQuery(findQuery(asked));
  const hits = asked.trim() && data ? hitsOf(data) : [];
  const [marked, setMarked] = useState(0);
  const open = (hit: Hit | undefined) => {
    if (!hit) return;
    onClose();
    go(hit.to);
  };
  const press = (key: string) => {
    if (key === 'ArrowDown') setMarked(Math.min(hits.length - 1, marked + 1));
    if (key === 'ArrowUp') setMarked(Math.max(0, marked - 1));
    if (key === 'Enter') open(hits[marked]);
  };
  return (
    <Dialog title="Find" onClose={onClose} size="wide">
      <input
        aria-label="What to find"
        placeholder="Words, a code, or a phrase in quotation marks"
        value={typed}
        maxLength={300}
        autoComplete="off"
        className="w-full rounded-md border border-line bg-card px-2.5 py-2"
        role="combobox"
        aria-expanded={hits.length > 0}
        aria-controls="things-found"
        aria-activedescendant={hits[marked] && `hit-${marked}`}
        onChange={(event) => {
          setTyped(event.target.value);
          setMarked(0);
        }}
        onKeyDown={(event) => {
          if (!['ArrowDown', 'ArrowUp', 'Enter'].includes(event.key)) return;
          event.preventDefault();
          press(event.key);
        }}
      />
      <p className="mt-2 text-[13px] text-soft" aria-live="polite">
        {error?.message ?? said(asked, hits, isPlaceholderData)}
      </p>
      <div
        id="things-found"
        role="listbox"
        aria-label="What was found"
        className="mt-1 max-h-[60vh] overflow-auto"
      >
        {hits.map((hit, i) => (
          <div key={hit.id}>
            {hit.group !== hits[i - 1]?.group && (
              <p className="mt-2 px-2 font-head text-[14px] font-bold" role="presentation">
                {hit.group}
              </p>
            )}
            <HitRow id={`hit-${i}`} hit={hit} isMarked={i === marked} onOpen={() => open(hit)} />
          </div>
        ))}
      </div>
      <div className="mt-2">
        <KeepInCollection
          name="Keep entries of these in a collection"
          things={hits.flatMap((hit) =>
            hit.group === 'Entries' ? [keptEntry(hit.id, nameOf(hit.entry))] : [],
          )}
        />
      </div>
    </Dialog>
  );
}

/** Its name, else the words that were found in it. */
const nameOf = ({ name, excerpt }: Api['EntryHit']) =>
  name ||
  excerpt
    .map(({ text }) => text)
    .join('')
    .trim();

function said(asked: string, hits: Hit[], isWaiting: boolean): string {
  if (!asked.trim())
    return 'Everything in your notebooks: what you wrote, captions, files, links, pages, sections, points, remarks.';
  if (isWaiting) return 'Looking…';
  return hits.length === 0 ? 'Nothing of yours has all of these words.' : '';
}

/** What was typed, once the fingers rest. */
function useRested(typed: string): string {
  const [rested, setRested] = useState(typed);
  useEffect(() => {
    const timer = setTimeout(() => setRested(typed), PAUSE_MILLIS);
    return () => clearTimeout(timer);
  }, [typed]);
  return rested;
}
