import { DRAGGED_ENTRY, type EntryActs, type Shown } from '../entry';
import { type Cut, cutOf, outlineOf, type Slot as SlotOfEdge, wordsOf } from './slot';

type Props = { slots: SlotOfEdge[]; entries: Shown[]; chosen: Shown | undefined; acts: EntryActs };

/**
 * The top edge of a page, which hangs from the dark head: a slot for each point near its section. What the page is notched
 * at is cut deep into it, the deeper the more kinds of evidence there are; what other pages hold is a shallow cut, and what is
 * bare is a hole. A click cuts or mends the chosen entry's notch; so does dropping an entry on the slot.
 */
export function PageEdge({ slots, entries, chosen, acts }: Props) {
  return (
    <ul
      aria-label="Edge of the page: points of the syllabus"
      className="no-scrollbar flex shrink-0 overflow-x-auto border-t-[7px] border-bar px-1 sm:px-7"
    >
      {slots.map((slot) => (
        <li key={slot.id} className="min-w-[45px] flex-1">
          <Slot
            slot={slot}
            cut={cutOf(slot, entries)}
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
  cut,
  chosen,
  onToggle,
  onDropped,
}: {
  slot: SlotOfEdge;
  cut: Cut;
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
      aria-label={`${slot.code} ${slot.statement}: ${wordsOf(cut)}${does && `; ${does}`}`}
      title={`${slot.code} ${slot.statement}: ${wordsOf(cut)}`}
      className="block w-full pb-1"
      onDragOver={(event) => event.dataTransfer.types.includes(DRAGGED_ENTRY) && event.preventDefault()}
      onDrop={(event) => onDropped(event.dataTransfer.getData(DRAGGED_ENTRY))}
    >
      <svg viewBox="0 0 46 38" className="mx-auto block h-[38px] w-[46px]" aria-hidden="true">
        {cut.is === 'hole' ? (
          <circle cx="23" cy="13" r="5" fill="none" stroke="var(--soft)" strokeWidth="1.3" />
        ) : (
          <path d={outlineOf(cut)} fill="var(--cut)" stroke="var(--cut-line)" />
        )}
      </svg>
      <span
        className={`text-[12px] leading-none ${cut.is === 'here' ? 'font-bold text-petrol' : 'text-soft'} ${isChosens ? 'underline underline-offset-2' : ''}`}
      >
        {slot.code}
      </span>
    </button>
  );
}
