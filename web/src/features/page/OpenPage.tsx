import { useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { Suspense, useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import { Trouble, useKeys, useStable } from '../../ui';
import { PlacedView } from '../collection';
import {
  type Does,
  draggedCopy,
  draggedText,
  EntryLook,
  entryName,
  markedWords,
  NotchPicker,
  type OnPage,
  ownWordsQuery,
  pageQuery,
  remarksQuery,
  shownEntries,
  useEntryActs,
  useFileText,
  useHeard,
  useMarkTimings,
} from '../entry';
import { type Mark, MarkDialog, useMarks } from '../mark';
import { columnOf, homeOf, zoneAfter, zoneOf } from '../pattern';
import { ReviewPanel } from '../review';
import { type Spot, spotsOf } from '../scan';
import { syllabusQuery } from '../syllabus';
import { type About, HearingProvider, LitEntries, useHearing, useRecorderItself } from '../voice';
import { CaptureBar } from './CaptureBar';
import { CaptureDialogs, type Capturing } from './CaptureDialogs';
import { PageCard } from './PageCard';
import { PagePoints } from './PagePoints';
import { copiedText, useCopyAcross } from './useCopyAcross';

const NO_REMARKS: Api['RemarkView'][] = [];
const NOT_MEASURED: Api['OwnWordsView'][] = [];

type Props = {
  id: string;
  /** Whether single keys act on this page; of two pages only on the one that was touched last. */
  isActive: boolean;
  /** The page that stands beside this one. */
  other?: Api['PageView'];
  onBesideWanted?: () => void;
  onCloseBeside?: () => void;
};

/** A page with all that can be done on it. */
export function OpenPage({ id, isActive, other, onBesideWanted, onCloseBeside }: Props) {
  const [search, setSearch] = useSearchParams();
  const queries = useQueryClient();
  const { outbox, state } = useOutbox();
  const recorder = useRecorderItself();
  const page = useSuspenseQuery(pageQuery(id)).data;
  const { pattern } = page;
  const remarks = useQuery(remarksQuery(id)).data ?? NO_REMARKS;
  const nodes = useQuery(syllabusQuery(page.notebookId)).data;
  const points = useMemo(() => (nodes ?? []).filter((node) => node.kind !== 'UNIT'), [nodes]);
  const marking = useMarks(id);
  outbox.knows(page.entries);
  const entries = useMemo(() => shownEntries(page, state.waiting), [page, state.waiting]);
  const [chosen, setChosen] = useState<string | undefined>(search.get('entry') ?? undefined);
  const [capturing, setCapturing] = useState<Capturing>();
  const [isNotching, setNotching] = useState(false);
  const [openMark, setOpenMark] = useState<Mark>();
  const [zone, setZone] = useState(homeOf(pattern).key);
  const into = zoneOf(pattern, zone).key;
  const chooseNew = (made: string, its: string) => {
    setChosen(made);
    setZone(its);
  };
  const acts = useStable(useEntryActs(page, into, chooseNew));
  const copyAcross = useCopyAcross();
  const fileText = useFileText(acts.text);
  const entry = entries.find((one) => one.id === chosen) ?? entries.at(-1);
  const isReviewing = search.has('review') && !other;
  const column = columnOf(pattern);
  const ownWords =
    useQuery({ ...ownWordsQuery(page), enabled: column?.role === 'MARGIN' }).data ?? NOT_MEASURED;

  useEffect(() => {
    const wished = search.get('entry');
    if (wished) document.getElementById(`entry-${wished}`)?.scrollIntoView({ block: 'center' });
  }, [search]);
  useEffect(
    () => () => void queries.invalidateQueries({ queryKey: ['contents', page.notebookId] }),
    [queries, page.notebookId],
  );

  const choose = (wished: string) => {
    setChosen(wished);
    const its = entries.find((one) => one.id === wished);
    if (its) setZone(zoneOf(pattern, its.zone).key);
  };
  const explain = async (about: About) => {
    const its = entries.find((one) => one.id === about.entry)?.zone ?? homeOf(pattern).key;
    const place = { pageId: id, notebookId: page.notebookId, page: page.title, zone: its, about };
    // Where it doesn't run, the dialog says why.
    if (!(await recorder.start(place))) setCapturing({ kind: 'record', zone: its, about });
  };
  const writeBeside = (place: string) => column && acts.write(column.key, place);
  const review = (wanted: boolean) =>
    setSearch((now) => {
      if (wanted) now.set('review', '');
      else now.delete('review');
      return now;
    });
  const captures = {
    w: () => acts.write(),
    i: () => acts.draw(),
    p: () => setCapturing({ kind: 'photo' }),
    r: () => setCapturing({ kind: 'record', zone: into }),
    f: () => setCapturing({ kind: 'file' }),
    l: () => setCapturing({ kind: 'link' }),
    c: () => setCapturing({ kind: 'view' }),
    n: () => entry && setNotching(true),
  };
  const setMark = (at: number) => () => {
    const choice = marking.choices[at];
    if (entry && choice) marking.toggle(entry.id, choice);
  };
  const keys: Record<string, () => void> = {
    ...(isReviewing ? {} : captures),
    k: setMark(0),
    q: setMark(1),
    t: setMark(2),
    ...Object.fromEntries(marking.choices.map((_, i): [string, () => void] => [`${i + 1}`, setMark(i)])),
    b: () => entry && writeBeside(entry.id),
    z: () => setZone(zoneAfter(pattern, into).key),
    v: () => !other && review(!isReviewing),
    s: () => onBesideWanted?.(),
  };
  useKeys(isActive ? keys : {});

  const besideIds = entries.flatMap((one) => one.beside ?? []).join(' ');
  const besides = useMemo(() => new Set(besideIds.split(' ')), [besideIds]);
  const spotList = JSON.stringify(spotsOf(entries));
  const spots = useMemo(() => JSON.parse(spotList) as Spot[], [spotList]);
  const does = useStable({
    onChoose: choose,
    onNotch: (wished: string) => {
      choose(wished);
      setNotching(true);
    },
    onOpenMark: setOpenMark,
    onExplain: explain,
    showView: (content) => (
      <Suspense fallback={null}>
        <PlacedView content={content} />
      </Suspense>
    ),
    onFileText: fileText.mutate,
    onBeside: column && writeBeside,
    onCopyAcross: other && ((one, text) => copyAcross(text ? copiedText(one.id, text) : one, other)),
  } satisfies Does);
  const address = `/n/${page.notebookId}/p/${id}`;
  const { timings, sounds } = useHeard(entries, address);
  const hearing = useHearing(sounds);
  const markTimings = useMarkTimings(marking.marks, hearing);
  const onPage: OnPage = useMemo(
    () => ({
      id,
      pattern,
      acts,
      marking,
      points,
      remarks,
      ownWords,
      besides,
      spots,
      address,
      timings,
      hearing,
      sounds,
      ...does,
    }),
    [
      id,
      pattern,
      acts,
      marking,
      points,
      remarks,
      ownWords,
      besides,
      spots,
      address,
      timings,
      hearing,
      sounds,
      does,
    ],
  );
  /** An entry goes to its place; what comes from the page beside is copied. Gives whether anything was taken. */
  const take = (data: DataTransfer, where: string, before?: string): boolean => {
    const copy = draggedCopy(data);
    const text = draggedText(data);
    const own = entries.find((one) => one.id === copy?.id);
    if (own) acts.place(own, where, before);
    else if (copy) copyAcross(copy, page, where);
    else if (data.files.length > 0) void acts.files(data.files);
    else if (text && !entries.some((one) => one.id === text.from))
      copyAcross(copiedText(text.from, text.content), page, where);
    else return false;
    return true;
  };
  return (
    <HearingProvider value={hearing}>
      <div
        className={
          other
            ? 'lg:h-full'
            : 'grid grid-cols-[minmax(0,1fr)] items-start gap-x-6 gap-y-4 xl:grid-cols-[minmax(0,700px)_minmax(240px,300px)] min-[1600px]:grid-cols-[minmax(0,940px)_minmax(0,1fr)]'
        }
      >
        <LitEntries timings={timings} of="entry" />
        <LitEntries timings={markTimings} of="mark" />
        <div className={other ? 'flex flex-col lg:h-full' : ''}>
          {isReviewing ? (
            <ReviewPanel
              page={page}
              showEntry={(one) => <EntryLook entry={one} />}
              onClose={() => review(false)}
            />
          ) : (
            <PageCard
              page={page}
              entries={entries}
              chosen={chosen}
              last={entry}
              into={into}
              onPage={onPage}
              onWrite={acts.write}
              onTake={take}
              onBesideWanted={onBesideWanted}
              onCloseBeside={onCloseBeside}
              isBeside={!!other}
              onReview={other ? undefined : () => review(true)}
            />
          )}
          {!isReviewing && (
            <CaptureBar
              captures={captures}
              canNotch={!!entry}
              into={pattern.zones.length > 1 ? zoneOf(pattern, into).title : undefined}
              onNextZone={keys.z}
            />
          )}
        </div>
        {!other && (
          <PagePoints
            page={page}
            entries={entries}
            points={points}
            remarks={remarks}
            marking={marking}
            onOpenMark={setOpenMark}
            chosen={entries.find((one) => one.id === chosen)}
            acts={acts}
          />
        )}
        <CaptureDialogs page={page} into={into} capturing={capturing} acts={acts} onCapture={setCapturing} />
        <Trouble>{fileText.error?.message}</Trouble>
        {isNotching && entry && (
          <NotchPicker
            title={`Notch “${entryName(entry).slice(0, 60) || 'this entry'}”`}
            points={points}
            cut={new Set(entry.notches)}
            hint={search.get('point') ?? ''}
            onToggle={(node) => acts.toggleNotch(entry, node)}
            onClose={() => setNotching(false)}
          />
        )}
        {openMark && (
          <MarkDialog
            mark={marking.marks.find((mark) => mark.id === openMark.id) ?? openMark}
            words={markedWords(openMark, entries)}
            choices={marking.choices}
            onChange={marking.put}
            onRemove={() => marking.remove(openMark)}
            onClose={() => setOpenMark(undefined)}
          />
        )}
      </div>
    </HearingProvider>
  );
}
