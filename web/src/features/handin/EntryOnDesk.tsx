import { memo, type ReactNode } from 'react';
import type { Api } from '../../api';
import { RemarkCard, remarksOn } from '../remark';
import { selectedIn } from '../text';
import { CarriedRemarks } from './CarriedRemarks';
import type { Chosen } from './chosen';
import { SealedContent } from './SealedContent';

type Props = {
  entry: Api['SealedEntryView'];
  version: Api['SealedView'];
  changes?: Api['ChangesView'];
  /** What is chosen in it; nothing where another one is. */
  chosen: Chosen;
  canSay: boolean;
  onChoose: (chosen: Chosen) => void;
  onSign: (sign: 'AGREE' | 'LOOK_AGAIN', earlier: Api['CarriedView']) => void;
  /** What stands in place of it while it is drawn over. */
  pen?: ReactNode;
};

/** An entry that a teacher reads: words in it and spots on it can be chosen, and what was said about it stands below. */
export const EntryOnDesk = memo(function EntryOnDesk({
  entry,
  version,
  changes,
  chosen,
  canSay,
  onChoose,
  onSign,
  pen,
}: Props) {
  const { id } = entry;
  const isChosen = id === chosen.entry;
  const remarks = remarksOn(version.remarks, id);
  const choose = (element: Element) => {
    const span = entry.kind === 'TYPED' ? selectedIn(element) : undefined;
    if (span) window.getSelection()?.removeAllRanges();
    if (span || !isChosen) onChoose({ entry: id, span });
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: by keys an entry is chosen with the arrows
    // biome-ignore lint/a11y/useKeyWithClickEvents: by keys an entry is chosen with the arrows
    <div
      className={`rounded-md ${isChosen ? 'outline-2 outline-offset-4 outline-petrol' : ''}`}
      onClick={(event) => choose(event.currentTarget)}
    >
      {pen || (
        <SealedContent
          entry={entry}
          remarks={remarks}
          looks={isChosen && chosen.span ? [{ ...chosen.span, look: 'chosen' }] : undefined}
          onSpot={canSay ? (spot) => onChoose({ entry: id, spot }) : undefined}
        />
      )}
      <p className="mt-0.5 text-[13px] text-soft">
        {entry.caption} <b className="text-petrol">{entry.codes.join(' ')}</b>
      </p>
      <div className="grid gap-1">
        {remarks.map((remark) => (
          <RemarkCard key={remark.id} remark={remark} />
        ))}
        <CarriedRemarks
          carried={changes?.carried.filter((one) => one.anchor?.entry === id) ?? []}
          remarks={version.remarks}
          onSign={onSign}
        />
      </div>
    </div>
  );
});
