import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useOutbox } from '../../device';
import { Button } from '../../ui';
import { suggestionsQuery } from './queries';

type Props = {
  entry: { id: string; pageId: string; notches: string[]; isWaiting: boolean };
  /** What the entry says now. */
  words: string;
  onNotch: (point: string) => void;
};

/** What the chosen entry may be about, as soon as the server has its words; one press notches it there. */
export function PerhapsAbout({ entry, words, onNotch }: Props) {
  const { outbox } = useOutbox();
  const [refused, setRefused] = useState<string[]>([]);
  const query = suggestionsQuery(entry.id, words);
  const found =
    useQuery({ ...query, enabled: !entry.isWaiting, placeholderData: (before) => before }).data ?? [];
  const offered = found.filter(({ point }) => !entry.notches.includes(point) && !refused.includes(point));
  if (offered.length === 0) return null;
  const refuse = (point: string) => {
    setRefused([...refused, point]);
    outbox.act({ pageId: entry.pageId, method: 'PUT', path: `/api/entries/${entry.id}/not-this/${point}` });
  };
  return (
    <section aria-label="What the chosen entry may be about">
      <h2 className="mt-5 mb-1.5 text-[15px]">The chosen entry may be about</h2>
      <ul>
        {offered.map(({ point, code, title, words: matched }) => (
          <li key={point} className="border-b border-line py-1.5">
            <button
              type="button"
              className="flex w-full items-baseline gap-3 text-left hover:text-petrol"
              onClick={() => onNotch(point)}
            >
              <b className="w-9 shrink-0 text-petrol">{code}</b>
              <span className="min-w-0 flex-1">{title}</span>
            </button>
            <span className="flex items-center justify-between pl-12 text-[13px] text-soft">
              <span className="min-w-0">by “{matched.join(', ')}”</span>
              <Button
                look="quiet"
                className="min-h-[24px] shrink-0 text-[13px]"
                onClick={() => refuse(point)}
              >
                Not this
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
