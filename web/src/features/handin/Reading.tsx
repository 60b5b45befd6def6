import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import type { Api } from '../../api';
import { Button, Card, Heading, useKeys, useStable } from '../../ui';
import { StockCard, useSpeaking, useStock } from '../remark';
import { usePlayerItself } from '../voice';
import { Comparing } from './Comparing';
import { anchorOf, beside, type Chosen, samePiece, sentenceBeside } from './chosen';
import { canBeDrawnOn, DrawOver } from './DrawOver';
import { EntryOnDesk } from './EntryOnDesk';
import { changesQuery, versionQuery } from './queries';
import { RemarkList } from './RemarkList';
import { SayCard } from './SayCard';
import { SealBadge } from './SealBadge';
import { SealedPages } from './SealedPages';
import { useChecking } from './useChecking';
import { VerdictCard } from './VerdictCard';
import { VersionFiles } from './VersionFiles';
import { byListName } from './words';

type Version = Api['SealedView'];
type Props = { id: string; register: Api['RegisterView'] };

/** Nothing is chosen: the same thing at every rendering, so that what shows it can rest. */
const NOTHING: Chosen = {};

/** A version on the teacher's desk: read, remarked on, checked or sent back; then the next. */
export function Reading({ id, register }: Props) {
  const version = useQuery(versionQuery(id)).data;
  const queries = useQueryClient();
  const queue = byListName(register.students).filter((line) => line.latest);
  const at = queue.findIndex((line) => line.latest?.id === id);
  const next = queue[at + 1];
  const nextId = next?.latest?.id;
  useEffect(() => {
    // The next one is there before it is asked for.
    if (nextId) queries.prefetchQuery(versionQuery(nextId));
  }, [nextId, queries]);
  if (!version) return <p className="text-soft">Opening…</p>;
  return <Desk key={version.id} version={version} next={next} previous={queue[at - 1]} />;
}

type DeskProps = { version: Version; next?: Api['RegisterLine']; previous?: Api['RegisterLine'] };

function Desk({ version, next, previous }: DeskProps) {
  const { id } = version;
  const [search, setSearch] = useSearchParams();
  const entries = version.pages.flatMap((page) => page.entries);
  const piece = search.get('piece');
  const [chosen, setChosen] = useState<Chosen>(() => ({
    entry: piece === null ? undefined : samePiece(entries, piece, Number(search.get('at'))),
  }));
  const [mode, setMode] = useState<'read' | 'write' | 'draw'>('read');
  const checking = useChecking(id);
  const stock = useStock();
  const go = useNavigate();
  const player = usePlayerItself();
  const before = version.versions.find((one) => one.version === version.version - 1);
  const since = search.get('since');
  const changes = useQuery({ ...changesQuery(id, before?.id ?? ''), enabled: !!before }).data;
  const entry = entries.find((one) => one.id === chosen.entry);
  const anchorNow = () => anchorOf(chosen, entries, player.snapshot());
  const isOpen = version.state !== 'WAITING';
  const { open } = checking;

  useEffect(() => {
    // Opening a version to read it is what tells the student that it is being read.
    if (version.state === 'WAITING') open();
  }, [version.state, open]);
  useEffect(() => {
    if (chosen.entry) document.getElementById(`sealed-${chosen.entry}`)?.scrollIntoView({ block: 'nearest' });
  }, [chosen.entry]);

  const carriedHere = changes?.carried.filter((one) => one.anchor?.entry === chosen.entry) ?? [];
  const openCarried = carriedHere.find(
    (one) => !version.remarks.some((now) => now.goesBackTo === one.remark.id),
  );
  const say = (said: Parameters<typeof checking.say>[1], on = anchorNow()) => {
    // What is said about a moment is said where it was heard; it plays on when asked.
    if (on.about === 'MOMENT') player.pause();
    setMode('read');
    setChosen({ entry: on.entry });
    checking.say({ ...on }, said);
  };
  const sign = (wanted: 'AGREE' | 'LOOK_AGAIN', goesBackTo = openCarried?.remark.id) =>
    say({ sign: wanted, goesBackTo });
  const does = useStable({
    goBack: (wanted: 'AGREE' | 'LOOK_AGAIN', { remark, anchor }: Api['CarriedView']) =>
      say({ sign: wanted, goesBackTo: remark.id }, { about: 'ENTRY', entry: anchor?.entry }),
  });
  const speaking = useSpeaking((sound) => say({ sound }));
  const walk = (by: 1 | -1) => () => setChosen({ entry: beside(entries, entry, by)?.id });
  const sentence = (by: 1 | -1) => () =>
    setChosen({ entry: chosen.entry, span: sentenceBeside(entry, chosen.span, by) });
  const turnTo = (line: Api['RegisterLine'] | undefined) => () => {
    if (!line?.latest) return;
    const same =
      piece === null
        ? ''
        : `?${new URLSearchParams({ piece: entry?.codes.join(' ') ?? '', at: `${entries.indexOf(entry as never)}` })}`;
    go(`/set-work/${version.setWork.id}/${line.latest.id}${same}`);
  };
  const compare = () => before && setSearch(since ? {} : { since: before.id });
  const byPiece = () => setSearch(piece === null ? { piece: '' } : {});
  const isBeingRead = version.state === 'BEING_READ';
  const draw = () => isOpen && canBeDrawnOn(entry) && setMode('draw');
  useKeys({
    arrowright: turnTo(next),
    arrowleft: turnTo(previous),
    arrowdown: walk(1),
    arrowup: walk(-1),
    '.': sentence(1),
    ',': sentence(-1),
    y: () => isBeingRead && checking.check(),
    b: () => isBeingRead && checking.sendBack(),
    c: compare,
    p: byPiece,
    escape: () => {
      if (speaking.since) speaking.throwAway();
      else if (mode !== 'read') setMode('read');
      else setChosen({});
    },
    ...(isOpen && {
      w: () => setMode('write'),
      r: () => (speaking.since ? speaking.keep() : speaking.start()),
      i: draw,
      a: () => sign('AGREE'),
      l: () => sign('LOOK_AGAIN'),
      ...Object.fromEntries(
        stock.all.slice(0, 9).map(({ words }, i): [string, () => void] => [`${i + 1}`, () => say({ words })]),
      ),
    }),
  });

  if (since)
    return (
      <Comparing
        version={version}
        since={since}
        onClose={() => setSearch({})}
        actions={
          <VerdictCard
            version={version}
            next={next}
            onCheck={checking.check}
            onSendBack={checking.sendBack}
            onNext={turnTo(next)}
          />
        }
      />
    );
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_300px]">
      <div className="min-w-0">
        <div className="mb-2.5 flex flex-wrap items-center gap-2.5">
          <Heading name={`${version.student} · version ${version.version}`} className="text-[18px]" />
          <SealBadge version={version} />
          {changes && (
            <Button hotkey="C" className="ml-auto" onClick={compare}>
              {changes.count} changed since version {changes.sinceVersion}
            </Button>
          )}
        </div>
        <SealedPages
          version={version}
          entry={(_, one) => (
            <EntryOnDesk
              entry={one}
              version={version}
              changes={changes}
              chosen={one.id === chosen.entry ? chosen : NOTHING}
              canSay={isOpen}
              onChoose={setChosen}
              onSign={does.goBack}
              pen={
                mode === 'draw' &&
                one.id === chosen.entry && (
                  <DrawOver
                    entry={one}
                    picture={chosen.spot?.picture ?? 0}
                    onKeep={({ anchor: on, drawing }) => say({ drawing }, on)}
                    onClose={() => setMode('read')}
                  />
                )
              }
            />
          )}
        />
      </div>
      <div className="gap-3 max-xl:contents xl:sticky xl:top-14 xl:grid">
        {/* On a tablet and a phone what is done with a version stays in sight below it. */}
        <div className="grid gap-3 max-xl:sticky max-xl:bottom-0 max-xl:z-20 max-xl:-mx-1 max-xl:border-t max-xl:border-line max-xl:bg-desk max-xl:px-1 max-xl:py-2 sm:max-xl:grid-cols-2">
          <VerdictCard
            version={version}
            next={next}
            onCheck={checking.check}
            onSendBack={checking.sendBack}
            onNext={turnTo(next)}
          />
          {isOpen && (
            <SayCard
              chosen={chosen}
              entries={entries}
              isWriting={mode === 'write'}
              speaking={speaking}
              canDraw={canBeDrawnOn(entry)}
              onWrite={(isWriting) => setMode(isWriting ? 'write' : 'read')}
              onDraw={draw}
              onSay={(words) => say({ words })}
              onSign={sign}
            />
          )}
        </div>
        <StockCard canPut={isOpen} onPut={(words) => say({ words })} />
        <RemarkList
          remarks={version.remarks}
          canWithdraw={isBeingRead}
          isByPiece={piece !== null}
          onWithdraw={checking.withdraw}
          onByPiece={byPiece}
        />
        <Card title="Save it">
          <VersionFiles id={id} />
        </Card>
      </div>
    </div>
  );
}
