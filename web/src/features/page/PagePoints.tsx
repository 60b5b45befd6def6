import { Link } from 'react-router';
import type { Api } from '../../api';
import { dayName, evidenceOf, moment, Shape } from '../../ui';
import { KeepInCollection, type Kept, keptEntry } from '../collection';
import { addressOf, type EntryActs, entryName, markedWords, type Shown } from '../entry';
import { choiceOf, isOpen, type Mark, MarkBadge, type Marking } from '../mark';
import { ShowToClass } from '../noticeboard';
import { LookedBackOn } from '../reflection';
import { BenchesWaiting } from '../scan';
import { PerhapsAbout } from '../suggest';
import { Neighbours } from './Neighbours';

type Props = {
  page: Api['PageView'];
  entries: Shown[];
  points: Api['NodeView'][];
  remarks: Api['RemarkView'][];
  marking: Marking;
  onOpenMark: (mark: Mark) => void;
  chosen: Shown | undefined;
  acts: EntryActs;
};

/** Beside the page: its points with the shapes of their evidence, and what the teacher said. */
export function PagePoints({ page, entries, points, remarks, marking, onOpenMark, chosen, acts }: Props) {
  const notched = points.filter((point) => entries.some((entry) => entry.notches.includes(point.id)));
  return (
    <aside aria-label="About this page" className="pt-4">
      <h2 className="mb-1.5 text-[15px]">Notched on this page</h2>
      {notched.length === 0 && <p className="text-soft">No point yet. Choose an entry and press N.</p>}
      <ul>
        {notched.map((point) => (
          <li key={point.id}>
            <Link
              to={`/n/${page.notebookId}/needle?nodes=${point.id}`}
              className="flex items-baseline gap-3 border-b border-line py-1.5 hover:text-petrol"
            >
              <b className="w-9 shrink-0 text-petrol">{point.code}</b>
              <span className="min-w-0 flex-1">{point.title}</span>
              <span className="flex gap-1 self-center">
                {[
                  ...new Set(
                    entries
                      .filter((entry) => entry.notches.includes(point.id))
                      .map((entry) => evidenceOf(entry.kind)),
                  ),
                ].map((kind) => (
                  <Shape key={kind} kind={kind} />
                ))}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {chosen && (
        <PerhapsAbout
          key={chosen.id}
          entry={chosen}
          words={chosen.caption + JSON.stringify(chosen.content).length}
          onNotch={(point) => acts.toggleNotch(chosen, point)}
        />
      )}
      <BenchesWaiting page={page} />
      <StillOpen entries={entries} marking={marking} onOpen={onOpenMark} />
      <Neighbours page={page} />
      <LookedBackOn page={page} chosen={chosen && !chosen.isWaiting ? chosen.id : undefined} />
      <div>
        {chosen ? (
          <div className="flex flex-wrap gap-x-4">
            <KeepInCollection
              name={
                chosen.kind === 'LINK' ? 'Keep this link in a collection' : 'Keep this entry in a collection'
              }
              things={chosen.isWaiting ? [] : [keptOf(chosen, page.title)]}
            />
            {!chosen.isWaiting && (
              <ShowToClass name="Show this entry to the class" source={{ entryId: chosen.id }} />
            )}
          </div>
        ) : (
          <div className="flex flex-wrap gap-x-4">
            <KeepInCollection
              name="Keep the page in a collection"
              things={[{ kind: 'PAGE', leadsTo: page.id, title: page.title }]}
            />
            <ShowToClass name="Show the page to the class" source={{ pageId: page.id }} />
            <KeepInCollection
              name="Keep entries of it"
              things={entries.filter((entry) => !entry.isWaiting).map((entry) => keptOf(entry, page.title))}
            />
          </div>
        )}
      </div>
      {remarks.length > 0 && (
        <>
          <h2 className="mt-5 mb-1.5 text-[15px]">From {remarks[0]?.author}</h2>
          <ul>
            {remarks.map((remark) => (
              <li key={remark.id} className="mb-2">
                <a href={`#entry-${remark.anchor.entry}`} className="hover:underline">
                  “{remark.gist}”
                </a>
                <span className="block text-[13px] text-soft">
                  on version {remark.version}, {moment(remark.at)}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </aside>
  );
}

/** The questions and tasks of this page that nothing is done about yet. */
function StillOpen({
  entries,
  marking,
  onOpen,
}: {
  entries: Shown[];
  marking: Marking;
  onOpen: (mark: Mark) => void;
}) {
  const open = marking.marks.filter(isOpen);
  if (open.length === 0) return null;
  return (
    <>
      <h2 className="mt-5 mb-1.5 text-[15px]">Still open</h2>
      <ul>
        {open.map((mark) => (
          <li key={mark.id}>
            <button
              type="button"
              className="flex w-full items-start gap-2 py-1 text-left hover:text-petrol"
              onClick={() => onOpen(mark)}
            >
              <span className="mt-0.5">
                <MarkBadge choice={choiceOf(mark, marking.choices)} />
              </span>
              <span className="line-clamp-2 min-w-0 flex-1">{markedWords(mark, entries)}</span>
              {mark.due && <span className="text-[13px] text-brass">{dayName(mark.due)}</span>}
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}

/** A link is kept as one, so that its source can be said; anything else as the entry that it is. */
const keptOf = (entry: Shown, page: string): Kept =>
  entry.kind === 'LINK'
    ? { kind: 'LINK', url: addressOf(entry.content), title: entry.caption }
    : keptEntry(entry.id, entryName(entry) || page);
