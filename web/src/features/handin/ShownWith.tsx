import type { Api } from '../../api';
import { evidenceOf, Shape } from '../../ui';
import { entryName } from '../entry';
import { SealedContent } from './SealedContent';

type Entry = Api['SealedEntryView'];

/** The entries of a version that stand with an answer of a sheet: sounds play, pictures are seen, the rest is named. */
export function ShownWith({ entries }: { entries: Entry[] }) {
  if (entries.length === 0) return null;
  return (
    <ul className="mt-1.5 flex flex-wrap gap-2">
      {entries.map((entry) => (
        <li key={entry.id} className={`min-w-0 ${WIDTHS[entry.kind] ?? 'max-w-[220px]'}`}>
          {WIDTHS[entry.kind] && <SealedContent entry={entry} />}
          <a
            href={`#sealed-${entry.id}`}
            className="flex items-baseline gap-1.5 text-[13.5px] hover:text-petrol hover:underline"
          >
            <Shape kind={evidenceOf(entry.kind)} size={10} />
            {entryName(entry)}
          </a>
        </li>
      ))}
    </ul>
  );
}

/** What is seen or heard in place, and how wide. */
const WIDTHS: Partial<Record<Entry['kind'], string>> = {
  PHOTO: 'w-[180px]',
  INK: 'w-[260px]',
  RECORDING: 'w-full max-w-[440px]',
  CLIP: 'w-full max-w-[360px]',
};
