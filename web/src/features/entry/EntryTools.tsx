import { useState } from 'react';
import type { Api } from '../../api';
import { Button, evidenceOf, Menu, MenuItem, offerUndo, Shape } from '../../ui';
import { InkMenu } from '../ink';
import { isOf, type Marking } from '../mark';
import { type Pattern, zoneOf } from '../pattern';
import { startDrag } from './dragging';
import { EarlierDialog } from './EarlierDialog';
import { PdfPagesButton } from './PdfPagesButton';
import { PhotoMenu } from './PhotoMenu';
import type { Shown } from './shown';
import type { EntryActs } from './useEntryActs';

type Props = {
  entry: Shown;
  pattern: Pattern;
  codes: Api['NodeView'][];
  acts: EntryActs;
  marking: Marking;
  onNotch: () => void;
  onExplain: () => void;
  /** Where another page stands beside this one: copies the entry there. */
  onCopyAcross?: () => void;
};

const WIDTHS = [
  ['FULL', 'Full width'],
  ['HALF', 'Half width'],
  ['THIRD', 'Third width'],
] as const;
const SMALL = 'min-h-[24px]';

/** What can be done with the chosen entry. */
export function EntryTools(props: Props) {
  const { entry, pattern, codes, acts, marking, onNotch, onExplain, onCopyAcross } = props;
  const [isLookingBack, setLookingBack] = useState(false);
  const own = marking.marks.filter((mark) => mark.on === entry.id && !mark.passage);
  const zone = zoneOf(pattern, entry.zone);
  const others = pattern.zones.filter((one) => one.key !== zone.key);
  const goTo = (key: string) => {
    acts.place(entry, key);
    offerUndo(`Moved to “${zoneOf(pattern, key).title}”`, () => acts.place(entry, zone.key));
  };
  return (
    <div className="no-print mt-1 flex flex-wrap items-center gap-x-1 text-[13px]">
      <button
        type="button"
        draggable
        className="cursor-grab px-1 text-petrol"
        title="Drag to another place, or onto the edge to notch"
        aria-label="Drag to another place, or onto the edge to notch; or press N"
        onClick={onNotch}
        onDragStart={(event) => startDrag(event.dataTransfer, entry)}
      >
        <Shape kind={evidenceOf(entry.kind)} size={14} silent />
      </button>
      {codes.map((point) => (
        <button
          key={point.id}
          type="button"
          className="rounded border border-line px-1.5 font-semibold text-petrol hover:border-rust hover:text-rust hover:line-through"
          aria-label={`Mend the notch at ${point.code}`}
          title={point.title}
          onClick={() => acts.toggleNotch(entry, point.id)}
        >
          {point.code}
        </button>
      ))}
      <Button look="quiet" className={SMALL} onClick={onNotch}>
        Notch
      </Button>
      <Menu name="Mark all of it">
        {marking.choices.map((choice) => (
          <MenuItem key={choice.own?.id ?? choice.kind} onSelect={() => marking.toggle(entry.id, choice)}>
            {own.some((mark) => isOf(mark, choice)) ? `Not ${choice.name.toLowerCase()}` : choice.name}
          </MenuItem>
        ))}
      </Menu>
      {evidenceOf(entry.kind) !== 'RECORDING' && (
        <Button look="quiet" className={SMALL} onClick={onExplain}>
          Explain aloud
        </Button>
      )}
      <span className="flex-1" />
      <Button look="quiet" className={SMALL} onClick={() => acts.move(entry, -1)} aria-label="Move up">
        ↑
      </Button>
      <Button look="quiet" className={SMALL} onClick={() => acts.move(entry, 1)} aria-label="Move down">
        ↓
      </Button>
      <Menu name="Place">
        {WIDTHS.filter(([width]) => width !== entry.width).map(([width, name]) => (
          <MenuItem key={width} onSelect={() => acts.change(entry, { width })}>
            {name}
          </MenuItem>
        ))}
        {others.map((other) => (
          <MenuItem key={other.key} onSelect={() => goTo(other.key)}>
            To “{other.title}”
          </MenuItem>
        ))}
        {onCopyAcross && <MenuItem onSelect={onCopyAcross}>Copy to the other page</MenuItem>}
      </Menu>
      {entry.kind === 'INK' && !entry.isWaiting && <InkMenu id={entry.id} />}
      {entry.kind === 'PHOTO' && entry.media && <PhotoMenu entry={entry} acts={acts} />}
      {entry.media?.type === 'application/pdf' && <PdfPagesButton entry={entry} />}
      {entry.card && (
        <Button look="quiet" className={SMALL} onClick={() => acts.askAgain(entry)}>
          Ask again
        </Button>
      )}
      <Button look="quiet" className={SMALL} onClick={() => setLookingBack(true)}>
        Earlier
      </Button>
      {isLookingBack && (
        <EarlierDialog
          entry={entry}
          onBack={({ content, caption }) => acts.change(entry, { content, caption })}
          onClose={() => setLookingBack(false)}
        />
      )}
      <Button look="quiet" className={SMALL} onClick={() => acts.remove(entry)}>
        Delete
      </Button>
    </div>
  );
}
