import { useQuery } from '@tanstack/react-query';
import { Tick } from '../../ui';
import { entryName, pageQuery } from '../entry';

type Props = { page: string; chosen: string[]; onChoose: (entries: string[]) => void };

/** What else of a page belongs to the piece, before anything is written about it. */
export function MoreEntries({ page, chosen, onChoose }: Props) {
  const entries = useQuery(pageQuery(page)).data?.entries ?? [];
  if (entries.length < 2) return null;
  return (
    <fieldset className="mt-2 border-t border-line pt-2">
      <legend className="sr-only">What belongs to the piece</legend>
      <p className="text-[13.5px] text-soft">Belongs to the piece, of this page:</p>
      {entries.map((entry) => (
        <Tick
          key={entry.id}
          checked={chosen.includes(entry.id)}
          // One stays: a piece is at least one entry.
          disabled={chosen.length === 1 && chosen.includes(entry.id)}
          onChange={(event) =>
            onChoose(event.target.checked ? [...chosen, entry.id] : chosen.filter((one) => one !== entry.id))
          }
        >
          <span className="line-clamp-1 min-w-0">{entryName(entry) || 'Without a name'}</span>
        </Tick>
      ))}
    </fieldset>
  );
}
