import {
  type DragEvent,
  type FocusEvent,
  type KeyboardEvent,
  memo,
  useEffect,
  useRef,
  useState,
} from 'react';
import { Link } from 'react-router';
import type { Api } from '../../api';
import { evidenceOf, isTyping, KIND_NAMES, percent } from '../../ui';
import { FileCard } from '../file';
import { InkEntry } from '../layer';
import { LinkCard } from '../link';
import { choiceOf, isOpen, MarkBadge, stateOf } from '../mark';
import type { Zone } from '../pattern';
import { RemarkCard, remarksOn } from '../remark';
import { TypedEntry } from '../text';
import { SaidAt } from '../voice';
import { ClipEntry } from './ClipEntry';
import { DRAGGED_ENTRY } from './dragging';
import { EntryTools } from './EntryTools';
import { addressOf, fileName } from './entryName';
import type { OnPage } from './onPage';
import { PhotoEntry } from './PhotoEntry';
import { RecordingEntry } from './RecordingEntry';
import { SetEntry } from './SetEntry';
import type { Shown } from './shown';
import { SPANS } from './spans';
import type { EntryActs } from './useEntryActs';
import { useTextMarking } from './useTextMarking';
import { WatchDrawn } from './WatchDrawn';

type Props = {
  entry: Shown;
  zone: Zone;
  isChosen: boolean;
  isNarrow?: boolean;
  /** What it explains, if it is a recording that does. */
  explains?: string;
  page: OnPage;
};

/** Where a dragged entry would go: before or after the one it is held over. */
type Drop = 'before' | 'after';

/** An entry on its page: what it holds, its caption, and, while it is chosen, what can be done with it. */
export const EntryFrame = memo(function EntryFrame(props: Props) {
  const { entry, zone, isChosen, isNarrow = false, explains, page } = props;
  const { acts, marking } = page;
  const [drop, setDrop] = useState<Drop>();
  const name = `${KIND_NAMES[evidenceOf(entry.kind)]} entry${entry.caption && `: ${entry.caption}`}`;
  const choose = (event: FocusEvent) =>
    !isChosen && event.currentTarget.contains(event.target) && page.onChoose(entry.id);
  const press = (event: KeyboardEvent<HTMLElement>) => {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      acts.move(entry, event.key === 'ArrowUp' ? -1 : 1);
    } else if (leavesOrEnters(event)) event.preventDefault();
  };
  return (
    <section
      id={`entry-${entry.id}`}
      data-entry={entry.id}
      aria-label={name}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: an entry is chosen by keyboard as by pointer
      tabIndex={0}
      onFocus={choose}
      onKeyDown={press}
      onDragOver={(event) => setDrop(dropAt(event))}
      onDragLeave={() => setDrop(undefined)}
      onDrop={() => setDrop(undefined)}
      data-drop={drop}
      className={`entry group relative min-w-0 scroll-mt-16 rounded-md ${isNarrow ? 'col-span-6' : SPANS[entry.width]} ${
        isChosen ? 'outline-2 outline-offset-4 outline-petrol' : ''
      } ${explains ? 'border-l-[3px] border-petrol pl-2.5' : ''}`}
    >
      <Signs entry={entry} page={page} />
      {/* Above the text: below it, what appears when an entry is chosen would move the link from under the finger. */}
      {entry.copiedFrom && (
        <Link to={`/e/${entry.copiedFrom}`} className="text-[13px] text-petrol hover:underline">
          Copied; to where it came from
        </Link>
      )}
      {explains && <p className="text-[13px] text-soft">Explains {explains}</p>}
      <div className="flex flex-wrap gap-x-4 empty:hidden">
        {!explains && <Said id={entry.id} page={page} />}
        {(entry.kind === 'INK' || entry.kind === 'PHOTO') && (
          <WatchDrawn entry={entry} sounds={page.sounds} />
        )}
      </div>
      <Content entry={entry} zone={zone} page={page} isChosen={isChosen} isNarrow={isNarrow} />
      <OwnWordsNote measured={page.ownWords.find((one) => one.entry === entry.id)} />
      {isChosen && !(isNarrow && entry.kind === 'TYPED') ? (
        <Caption entry={entry} acts={acts} />
      ) : (
        <p className="mt-0.5 flex flex-wrap gap-x-2 text-[13px] text-soft empty:hidden">
          {entry.caption}
          {entry.isWaiting && <span className="sr-only">not sent yet</span>}
        </p>
      )}
      {isChosen && (
        <EntryTools
          entry={entry}
          pattern={page.pattern}
          codes={page.points.filter((point) => entry.notches.includes(point.id))}
          acts={acts}
          marking={marking}
          onNotch={() => page.onNotch(entry.id)}
          onExplain={() => page.onExplain({ entry: entry.id })}
          onCopyAcross={page.onCopyAcross && (() => page.onCopyAcross?.(entry))}
        />
      )}
      {isChosen && entry.kind === 'TYPED' && (
        <p className="no-print px-1 text-[12.5px] text-soft max-sm:hidden">
          <kbd className="font-bold">Esc</kbd> leaves the text, so that N, R and the other keys work;{' '}
          <kbd className="font-bold">Enter</kbd> goes back in
        </p>
      )}
      {remarksOn(page.remarks, entry.id).map((remark) => (
        <div key={remark.id} className="mt-1 text-[13.5px]">
          <RemarkCard remark={remark} from={`${remark.author}, version ${remark.version}`} />
        </div>
      ))}
    </section>
  );
});

/** Escape leaves what is typed into, so that single keys act on the entry; Enter goes back in. Gives whether it did. */
function leavesOrEnters({ key, target, currentTarget, nativeEvent }: KeyboardEvent<HTMLElement>) {
  // What opens above the page, such as a menu or a dialog, has an Escape of its own, and so has a word that is being composed.
  if (nativeEvent.isComposing || !(target instanceof Element) || !currentTarget.contains(target))
    return false;
  if (target.closest('dialog')) return false;
  const isOut = target === currentTarget;
  if (key === 'Escape' && !isOut && isTyping(target)) currentTarget.focus();
  else if (key === 'Enter' && isOut)
    currentTarget.querySelector<HTMLElement>('.ProseMirror, input[aria-label="Caption"]')?.focus();
  else return false;
  return true;
}

/** Before the entry in the first half of it, after it in the second: by height, and by width beside another. */
function dropAt(event: DragEvent<HTMLElement>): Drop | undefined {
  if (!event.dataTransfer.types.includes(DRAGGED_ENTRY)) return undefined;
  event.preventDefault();
  const box = event.currentTarget.getBoundingClientRect();
  const isBeside = box.width < (event.currentTarget.parentElement?.clientWidth ?? 0) * 0.7;
  const share = isBeside ? (event.clientX - box.left) / box.width : (event.clientY - box.top) / box.height;
  return share < 0.5 ? 'before' : 'after';
}

/** The marks on the entry as a whole. */
function Signs({ entry, page: { marking, onOpenMark } }: Pick<Props, 'entry' | 'page'>) {
  const marks = marking.marks.filter((mark) => mark.on === entry.id && !mark.passage);
  if (marks.length === 0) return null;
  return (
    <div className="float-left mr-2 flex gap-1 sm:absolute sm:top-0.5 sm:-left-[26px] sm:mr-0 sm:flex-col">
      {marks.map((mark) => {
        const choice = choiceOf(mark, marking.choices);
        return (
          <button
            key={mark.id}
            id={`mark-${mark.id}`}
            type="button"
            className="flex h-6 w-6 items-center justify-center"
            aria-label={`${choice.name}${stateOf(mark) && `, ${stateOf(mark)}`}`}
            onClick={() => onOpenMark(mark)}
          >
            <MarkBadge choice={choice} isSettled={stateOf(mark) !== '' && !isOpen(mark)} />
          </button>
        );
      })}
    </div>
  );
}

function Content({ entry, zone, page, isChosen, isNarrow }: Props & { isNarrow: boolean }) {
  const { acts } = page;
  const keep = (content: unknown) => acts.change(entry, { content });
  const marking = useTextMarking({
    entry,
    marking: page.marking,
    besides: page.besides,
    spots: page.spots,
    onOpen: page.onOpenMark,
    onBeside: isNarrow ? undefined : page.onBeside,
  });
  if (entry.kind === 'TYPED')
    return (
      <TypedEntry
        content={entry.content}
        isChosen={isChosen}
        label={page.pattern.zones.length > 1 ? `Typed text in “${zone.title}”` : undefined}
        placeholder={zone.role === 'CUES' ? 'A question' : undefined}
        marking={marking}
        copiedRun={page.ownWords.find((one) => one.entry === entry.id)?.run}
        isNarrow={isNarrow}
        onAcross={page.onCopyAcross && ((text) => page.onCopyAcross?.(entry, text))}
        hearing={page.hearing}
        onChange={(content, basedOn) => acts.change(entry, { content }, basedOn)}
        onPicture={(picture) => void acts.photo(picture, picture.name)}
      />
    );
  if (entry.kind === 'INK')
    return <InkEntry content={entry.content} isChosen={isChosen} onChange={keep} caption={entry.caption} />;
  if (entry.kind === 'PHOTO')
    return entry.media ? (
      <SetEntry entry={entry} page={page} isChosen={isChosen} />
    ) : (
      <PhotoEntry mediaId={entry.mediaId} caption={entry.caption} />
    );
  if (entry.kind === 'FILE')
    return (
      <FileCard
        name={fileName(entry.content)}
        media={entry.media}
        onText={() => void page.onFileText(entry)}
      />
    );
  if (entry.kind === 'LINK') return <LinkCard address={addressOf(entry.content)} card={entry.card} />;
  if (entry.kind === 'VIEW') return <>{page.showView(entry.content)}</>;
  if (entry.kind === 'CLIP') return <ClipEntry entry={entry} onTake={isChosen ? keep : undefined} />;
  return <RecordingEntry entry={entry} address={page.address} onTake={isChosen ? keep : undefined} />;
}

/** The way from an entry to what was said when it was made. */
function Said({ id, page }: { id: string; page: OnPage }) {
  const moment = page.timings.get(id);
  const isHeard = moment && page.hearing.recordings.includes(moment.recording);
  return isHeard ? <SaidAt moment={moment} onHear={page.hearing.onHear} /> : null;
}

/** How much of a note is the source's words, said quietly and only where it is worth a look. */
function OwnWordsNote({ measured }: { measured: Api['OwnWordsView'] | undefined }) {
  if (!measured?.run) return null;
  return (
    <p className="text-[12.5px] text-soft">
      {measured.runWords} words in a row are the source’s
      {measured.copiedShare > 0 && `, ${percent(measured.copiedShare)} of the note`}
    </p>
  );
}

function Caption({ entry, acts }: { entry: Shown; acts: EntryActs }) {
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
      placeholder={entry.kind === 'RECORDING' ? 'What it is about, in a few words' : 'Caption'}
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
