import { type DragEvent, type ReactNode, useRef, useState } from 'react';
import { Button, type EvidenceKind, evidenceOf, wordsPlace } from '../../ui';
import { canTake, EntryFrame, explains, type OnPage, type Shown, withExplanations } from '../entry';
import { arranged, columns, entriesIn, type Pattern, type Zone } from '../pattern';
import { wordsOf } from '../text';
import { besideOrder } from './besideOrder';
import { useBeside } from './useBeside';

type Props = {
  pattern: Pattern;
  entries: Shown[];
  chosen: string | undefined;
  /** The zone that the next entry goes into. */
  into: string;
  page: OnPage;
  onWrite: (zone: string) => void;
  /** Something was dropped into a zone, before an entry or as the last. */
  onTake: (data: DataTransfer, zone: string, before?: string) => boolean;
};

/** The entries of a page in the zones of its pattern: columns beside the middle, the summary at the foot. */
export function PageZones({ pattern, entries: all, ...rest }: Props) {
  const entries = withExplanations(all, rest.page.id);
  const { left, right, middle, foot } = arranged(pattern);
  const inMiddle = middle.flatMap((zone) => entriesIn(pattern, zone, entries));
  const box = (zone: Zone, isNarrow = false) => (
    <ZoneBox
      key={zone.key}
      zone={zone}
      hasTitle={pattern.zones.length > 1}
      isNarrow={isNarrow}
      all={all}
      entries={
        isNarrow
          ? besideOrder(entriesIn(pattern, zone, entries), inMiddle)
          : entriesIn(pattern, zone, entries)
      }
      {...rest}
    />
  );
  return (
    <>
      <div className={columns(!!left, !!right)}>
        {left && <div className="sm:border-r sm:border-line sm:pr-3">{box(left, true)}</div>}
        <div className="min-w-0">{middle.map((zone) => box(zone))}</div>
        {right && <div className="sm:border-l sm:border-line sm:pl-3">{box(right, true)}</div>}
      </div>
      {foot.map((zone) => (
        <div key={zone.key} className="mt-4 border-t border-line pt-2">
          {box(zone)}
        </div>
      ))}
    </>
  );
}

type BoxProps = Omit<Props, 'pattern'> & {
  zone: Zone;
  hasTitle: boolean;
  isNarrow: boolean;
  /** All entries of the page. */
  all: Shown[];
};

function ZoneBox(props: BoxProps) {
  const { zone, hasTitle, isNarrow, entries, all, chosen, into, page, onWrite, onTake } = props;
  const box = useRef<HTMLDivElement>(null);
  const [isOver, setOver] = useState(false);
  useBeside(box, isNarrow);
  const isInto = hasTitle && into === zone.key;
  return (
    <section
      aria-label={hasTitle ? zone.title : undefined}
      className={zone.role === 'BOX' ? 'mb-3 rounded-md border border-line px-3 py-2' : 'mb-3'}
      onDragOver={(event) => {
        if (!canTake(event.dataTransfer)) return;
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        setOver(false);
        const before = beforeOf(event, box.current, entries);
        if (onTake(event.dataTransfer, zone.key, before)) event.preventDefault();
      }}
    >
      {hasTitle && <ZoneHead zone={zone} entries={entries} isInto={isInto} />}
      <div
        ref={box}
        className={`${zone.role === 'CUES' ? 'text-petrol' : ''} grid grid-cols-6 gap-x-3 gap-y-3 rounded ${isOver && entries.length === 0 ? 'outline-2 outline-dashed outline-petrol' : ''}`}
      >
        {entries.map((entry) => (
          <Slot key={entry.id} entry={entry} isNarrow={isNarrow}>
            <EntryFrame
              entry={entry}
              zone={zone}
              isChosen={entry.id === chosen}
              isNarrow={isNarrow}
              explains={explains(entry, all, page.id)}
              page={page}
            />
          </Slot>
        ))}
        {hasTitle && entries.length === 0 && (
          <button
            type="button"
            className="col-span-6 min-h-9 rounded border border-dashed border-line px-2 py-1 text-left text-[13.5px] text-soft hover:border-petrol hover:text-petrol"
            onClick={() => onWrite(zone.key)}
          >
            {zone.prompt || `Write into “${zone.title}”`}
          </button>
        )}
      </div>
      {isNarrow && entries.length > 0 && (
        <Button look="quiet" className="no-print mt-1 -ml-1.5 text-[13px]" onClick={() => onWrite(zone.key)}>
          Write another
        </Button>
      )}
    </section>
  );
}

/** In a column each note is moved down to what it stands beside; elsewhere an entry stands where it is. */
function Slot({ entry, isNarrow, children }: { entry: Shown; isNarrow: boolean; children: ReactNode }) {
  if (!isNarrow) return children;
  return (
    <div className="col-span-6" data-beside={entry.beside ?? ''}>
      {children}
    </div>
  );
}

/** What a zone asks for, as a thing to put there. */
const ASKED: Record<EvidenceKind, string> = {
  TYPED: 'text',
  HANDWRITTEN: 'a drawing',
  PHOTO: 'a photo',
  RECORDING: 'a recording',
  REFLECTION: 'a reflection',
  ATTACHED: 'a file or link',
};

function ZoneHead({ zone, entries, isInto }: { zone: Zone; entries: Shown[]; isInto: boolean }) {
  const words = entries
    .filter((entry) => entry.kind === 'TYPED')
    .reduce((sum, entry) => sum + wordsOf(entry.content), 0);
  const { words: range } = zone;
  const isAsking =
    zone.kinds.length > 0 &&
    !entries.some((entry) => !entry.isEmpty && zone.kinds.includes(evidenceOf(entry.kind)));
  const isIn = range && words >= range.least && words <= range.most;
  return (
    <h2 className="mb-1 flex flex-wrap items-baseline gap-x-3 text-[13.5px] text-petrol">
      <span className={isInto ? 'border-b-2 border-brass' : ''}>{zone.title}</span>
      {range && (
        <span className={`font-text text-[12.5px] font-normal ${isIn ? 'text-moss' : 'text-soft'}`}>
          {wordsPlace(words, range.least, range.most)}
        </span>
      )}
      {isAsking && (
        <span className="font-text text-[12.5px] font-normal text-brass">
          asks for {zone.kinds.map((kind) => ASKED[kind]).join(' or ')}; none yet
        </span>
      )}
    </h2>
  );
}

/** The entry that a drop stands before; nothing for the end of the zone. */
function beforeOf(event: DragEvent, box: HTMLElement | null, entries: Shown[]): string | undefined {
  const over = (event.target as HTMLElement).closest<HTMLElement>('[data-entry]');
  if (!over || !box?.contains(over)) return undefined;
  const at = entries.findIndex((entry) => entry.id === over.dataset.entry);
  return over.dataset.drop === 'after' ? entries[at + 1]?.id : entries[at]?.id;
}
