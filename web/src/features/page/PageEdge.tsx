import type { Api } from '../../api';
import { DRAGGED_ENTRY, type EntryActs, type Shown } from '../entry';

type Props = { slots: Api['SlotView'][]; entries: Shown[]; chosen: Shown | undefined; acts: EntryActs };

/**
 * The top edge of a page: a slot for each point near its section. A point that the page is notched at is cut out of the
 * edge; the others are holes. A click cuts or mends the chosen entry's notch; so does dropping an entry on the slot.
 */
export function PageEdge({ slots, entries, chosen, acts }: Props) {
  const cut = new Set(entries.flatMap((entry) => entry.notches));
  return (
    <ul
      aria-label="Edge of the page: points of the syllabus"
      className="no-scrollbar flex shrink-0 overflow-x-auto rounded-t-lg border-t border-line px-1 sm:px-7"
    >
      {slots.map((slot) => (
        <li key={slot.id} className="min-w-[45px] flex-1">
          <Slot
            slot={slot}
            isCut={cut.has(slot.id)}
            chosen={chosen}
            onToggle={() => chosen && acts.toggleNotch(chosen, slot.id)}
            onDropped={(id) => {
              const entry = entries.find((one) => one.id === id);
              if (entry && !entry.notches.includes(slot.id)) acts.toggleNotch(entry, slot.id);
            }}
          />
        </li>
      ))}
    </ul>
  );
}

function Slot({
  slot,
  isCut,
  chosen,
  onToggle,
  onDropped,
}: {
  slot: Api['SlotView'];
  isCut: boolean;
  chosen: Shown | undefined;
  onToggle: () => void;
  onDropped: (id: string) => void;
}) {
  const isChosens = chosen?.notches.includes(slot.id) ?? false;
  const does = chosen
    ? isChosens
      ? 'mend the notch of the chosen entry'
      : 'notch the chosen entry here'
    : '';
  return (
    <button
      type="button"
      onClick={onToggle}
      disabled={!chosen}
      aria-pressed={isChosens}
      aria-label={`${slot.code} ${slot.statement}: ${isCut ? 'notched' : 'bare'}${does && `; ${does}`}`}
      title={`${slot.code} ${slot.statement}`}
      className="block w-full pb-1"
      onDragOver={(event) => event.dataTransfer.types.includes(DRAGGED_ENTRY) && event.preventDefault()}
      onDrop={(event) => onDropped(event.dataTransfer.getData(DRAGGED_ENTRY))}
    >
      <svg viewBox="0 0 46 24" className="mx-auto block h-6 w-[46px] overflow-visible" aria-hidden="true">
        {isCut ? (
          <path
            d="M12-2 H34 C30-2 30 3 29 8 L27 17 Q26 20 23 20 Q20 20 19 17 L17 8 C16 3 16-2 12-2 Z"
            fill="var(--desk)"
            stroke="var(--line)"
            strokeWidth="0.8"
          />
        ) : (
          <circle cx="23" cy="12" r="4.6" fill="var(--desk)" stroke="var(--line)" />
        )}
      </svg>
      <span
        className={`text-[11px] leading-none ${isCut ? 'font-bold text-petrol' : 'text-soft'} ${isChosens ? 'underline underline-offset-2' : ''}`}
      >
        {slot.code}
      </span>
    </button>
  );
}
