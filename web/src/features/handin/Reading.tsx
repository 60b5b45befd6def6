import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { Api } from '../../api';
import { Button, Card, Heading } from '../../ui';
import { StockCard } from '../remark';
import { Comparing } from './Comparing';
import type { Chosen } from './chosen';
import { canBeDrawnOn, DrawOver } from './DrawOver';
import { EntryOnDesk } from './EntryOnDesk';
import { LevelsCard } from './Levels';
import { versionQuery } from './queries';
import { RemarkList } from './RemarkList';
import { SayCard } from './SayCard';
import { SealBadge } from './SealBadge';
import { SealedPages } from './SealedPages';
import { type DeskProps, useDesk } from './useDesk';
import { turnsOf, useRegister } from './useQueue';
import { VerdictCard } from './VerdictCard';
import { VersionFiles } from './VersionFiles';
import { WordCard } from './WordCard';
import { versionName } from './words';

type Props = { id: string; register: Api['RegisterView'] };

/** Nothing is chosen: the same thing at every rendering, so that what shows it can rest. */
const NOTHING: Chosen = {};

/** A version on the teacher's desk: read, remarked on, checked or sent back; then the next. */
export function Reading({ id, register }: Props) {
  const version = useQuery(versionQuery(id)).data;
  const queries = useQueryClient();
  const { path } = useRegister();
  const queue = turnsOf(register);
  const at = queue.findIndex((turn) => turn.version.id === id);
  const next = queue[at + 1];
  const nextId = next?.version.id;
  useEffect(() => {
    // The next one is there before it is asked for.
    if (nextId) queries.prefetchQuery(versionQuery(nextId));
  }, [nextId, queries]);
  if (!version) return <p className="text-soft">Opening…</p>;
  return <Desk key={version.id} version={version} path={path} next={next} previous={queue[at - 1]} />;
}

/** The version with what is chosen in it; beside it what can be said and decided. */
function Desk(props: DeskProps) {
  const { version, next } = props;
  const { id } = version;
  const desk = useDesk(props);
  const { changes, chosen, mode, checking, speaking, isOpen } = desk;
  if (desk.since)
    return (
      <Comparing
        version={version}
        since={desk.since}
        onClose={desk.compare}
        actions={
          <VerdictCard
            version={version}
            next={next}
            onCheck={checking.check}
            onSendBack={checking.sendBack}
            onNext={desk.goOn}
          />
        }
      />
    );
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_300px]">
      <div className="min-w-0">
        <div className="mb-2.5 flex flex-wrap items-center gap-2.5">
          <Heading
            name={`${version.student} · ${versionName(version).toLowerCase()}`}
            className="text-[18px]"
          />
          <SealBadge version={version} />
          <Button hotkey="F" look="quiet" className="ml-auto" onClick={desk.asBook}>
            Read as a book
          </Button>
          {changes && (
            <Button hotkey="C" onClick={desk.compare}>
              {changes.count} changed since {desk.before && versionName(desk.before).toLowerCase()}
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
              onChoose={desk.choose}
              onSign={desk.goBack}
              pen={
                mode === 'draw' &&
                one.id === chosen.entry && (
                  <DrawOver
                    entry={one}
                    picture={chosen.spot?.picture ?? 0}
                    onKeep={({ anchor: on, drawing }) => desk.say({ drawing }, on)}
                    onClose={() => desk.setMode('read')}
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
            onNext={desk.goOn}
          />
          {isOpen && (
            <SayCard
              chosen={chosen}
              entries={desk.entries}
              isWriting={mode === 'write'}
              speaking={speaking}
              canDraw={canBeDrawnOn(desk.entries.find((one) => one.id === chosen.entry))}
              onWrite={(isWriting) => desk.setMode(isWriting ? 'write' : 'read')}
              onDraw={desk.draw}
              onSay={(words) => desk.say({ words })}
              onSign={desk.sign}
            />
          )}
        </div>
        <WordCard version={version} title={`${version.student} says`} />
        <LevelsCard version={version} start={desk.firstLevel} onJudge={checking.judge} />
        <StockCard canPut={isOpen} onPut={(words) => desk.say({ words })} />
        <RemarkList
          remarks={version.remarks}
          canWithdraw={desk.isBeingRead}
          isByPiece={desk.isByPiece}
          onWithdraw={checking.withdraw}
          onByPiece={desk.byPiece}
        />
        <Card title="Save it">
          <VersionFiles id={id} />
        </Card>
      </div>
    </div>
  );
}
