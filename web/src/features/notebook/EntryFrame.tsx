import { type FocusEvent, type KeyboardEvent, useEffect, useRef, useState } from 'react';
import type { Api } from '../../api';
import { Button, evidenceOf, KIND_NAMES, Shape } from '../../ui';
import { TypedEntry } from '../text';
import { EarlierDialog } from './EarlierDialog';
import { InkEntry } from './InkEntry';
import { DRAGGED_ENTRY } from './PageEdge';
import { PhotoEntry } from './PhotoEntry';
import { RecordingEntry } from './RecordingEntry';
import type { Shown } from './shown';
import { SPANS } from './spans';
import type { PageActs } from './usePageActs';

type Props = {
  entry: Shown;
  isChosen: boolean;
  codes: Api['NodeView'][];
  remarks: Api['RemarkView'][];
  acts: PageActs;
  onChoose: () => void;
  onNotch: () => void;
};

/** An entry on its page: what it holds, its caption, and, while it is chosen, what can be done with it. */
export function EntryFrame({ entry, isChosen, codes, remarks, acts, onChoose, onNotch }: Props) {
  const name = `${KIND_NAMES[evidenceOf(entry.kind)]} entry${entry.caption && `: ${entry.caption}`}`;
  const choose = (event: FocusEvent) => !isChosen && event.currentTarget.contains(event.target) && onChoose();
  const press = (event: KeyboardEvent) => {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      acts.move(entry, event.key === 'ArrowUp' ? -1 : 1);
    }
  };
  return (
    <section
      id={`entry-${entry.id}`}
      aria-label={name}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: an entry is chosen by keyboard as by pointer
      tabIndex={0}
      onFocus={choose}
      onKeyDown={press}
      className={`group min-w-0 scroll-mt-16 rounded-md ${SPANS[entry.width]} ${
        isChosen ? 'outline-2 outline-offset-4 outline-petrol' : ''
      }`}
    >
      <Content entry={entry} acts={acts} isChosen={isChosen} />
      {isChosen ? (
        <>
          <Caption entry={entry} acts={acts} />
          <Tools entry={entry} codes={codes} acts={acts} onNotch={onNotch} />
        </>
      ) : (
        <p className="mt-0.5 flex flex-wrap gap-x-2 text-[13px] text-soft empty:hidden">
          {entry.caption}
          {entry.isWaiting && <span className="sr-only">not sent yet</span>}
        </p>
      )}
      {remarks.map((remark) => (
        <p key={remark.id} className="mt-1 border-l-[3px] border-brass bg-wash px-2.5 py-1 text-[13.5px]">
          <b className="text-brass">{remark.author}</b>, version {remark.version}: “{remark.words}”
        </p>
      ))}
    </section>
  );
}

function Content({ entry, acts, isChosen }: { entry: Shown; acts: PageActs; isChosen: boolean }) {
  const keep = (content: unknown) => acts.change(entry, { content });
  if (entry.kind === 'TYPED')
    return (
      <TypedEntry
        content={entry.content}
        isChosen={isChosen}
        onChange={keep}
        onPicture={(picture) => void acts.photo(picture, picture.name)}
      />
    );
  if (entry.kind === 'INK')
    return <InkEntry content={entry.content} isChosen={isChosen} onChange={keep} caption={entry.caption} />;
  if (entry.kind === 'PHOTO')
    return <PhotoEntry media={entry.media} mediaId={entry.mediaId} caption={entry.caption} />;
  return <RecordingEntry media={entry.media} mediaId={entry.mediaId} name={entry.caption || 'Recording'} />;
}

function Caption({ entry, acts }: { entry: Shown; acts: PageActs }) {
  const [caption, setCaption] = useState(entry.caption);
  const line = useRef<HTMLInputElement>(null);
  useEffect(() => {
    // A caption from another device, or one brought back, comes in while nobody types here.
    if (document.activeElement !== line.current) setCaption(entry.caption);
  }, [entry.caption]);
  return (
    <input
      ref={line}
      aria-label="Caption"
      placeholder="Caption"
      value={caption}
      maxLength={500}
      className="mt-1.5 w-full border-b border-line bg-transparent px-1 py-0.5 text-[13.5px]"
      onChange={(event) => {
        setCaption(event.target.value);
        acts.change(entry, { caption: event.target.value });
      }}
    />
  );
}

const WIDTHS = [
  ['FULL', 'Full width'],
  ['HALF', 'Half width'],
  ['THIRD', 'Third width'],
] as const;

function Tools({ entry, codes, acts, onNotch }: Pick<Props, 'entry' | 'codes' | 'acts' | 'onNotch'>) {
  const [isLookingBack, setLookingBack] = useState(false);
  return (
    <div className="no-print mt-1 flex flex-wrap items-center gap-x-1 text-[13px]">
      <button
        type="button"
        draggable
        className="cursor-grab px-1 text-petrol"
        title="Drag onto the edge to notch"
        aria-label="Drag onto the edge to notch; or press N"
        onClick={onNotch}
        onDragStart={(event) => event.dataTransfer.setData(DRAGGED_ENTRY, entry.id)}
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
      <Button look="quiet" className="min-h-[24px]" onClick={onNotch}>
        Notch
      </Button>
      <span className="flex-1" />
      {WIDTHS.filter(([width]) => width !== entry.width).map(([width, name]) => (
        <Button
          key={width}
          look="quiet"
          className="min-h-[24px]"
          onClick={() => acts.change(entry, { width })}
        >
          {name}
        </Button>
      ))}
      <Button look="quiet" className="min-h-[24px]" onClick={() => acts.move(entry, -1)} aria-label="Move up">
        ↑
      </Button>
      <Button
        look="quiet"
        className="min-h-[24px]"
        onClick={() => acts.move(entry, 1)}
        aria-label="Move down"
      >
        ↓
      </Button>
      <Button look="quiet" className="min-h-[24px]" onClick={() => setLookingBack(true)}>
        Earlier
      </Button>
      {isLookingBack && (
        <EarlierDialog
          entry={entry}
          onBack={({ content, caption }) => acts.change(entry, { content, caption })}
          onClose={() => setLookingBack(false)}
        />
      )}
      <Button look="quiet" className="min-h-[24px]" onClick={() => acts.remove(entry)}>
        Delete
      </Button>
    </div>
  );
}
