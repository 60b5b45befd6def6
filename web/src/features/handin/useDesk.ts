import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import type { Api } from '../../api';
import { useKeys, useStable } from '../../ui';
import { useSpeaking, useStock } from '../remark';
import { usePlayerItself } from '../voice';
import { anchorOf, beside, type Chosen, nextSentence, samePiece } from './chosen';
import { canBeDrawnOn } from './DrawOver';
import { changesQuery } from './queries';
import { type Said, useChecking } from './useChecking';
import type { Turn } from './useQueue';
import { versionBefore } from './words';

type Sign = 'AGREE' | 'LOOK_AGAIN';

/** `path` is the address of the register that is gone through. */
export type DeskProps = { version: Api['SealedView']; path: string; next?: Turn; previous?: Turn };

/** What a teacher can do with the version on the desk: choose, say, decide, compare, go on; each by a key too. */
export function useDesk({ version, path, next, previous }: DeskProps) {
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
  const before = versionBefore(version);
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
  const say = (said: Said, on = anchorNow()) => {
    // What is said about a moment is said where it was heard; it plays on when asked.
    if (on.about === 'MOMENT') player.pause();
    setMode('read');
    setChosen({ entry: on.entry });
    checking.say({ ...on }, said);
  };
  const sign = (wanted: Sign, goesBackTo = openCarried?.remark.id) => say({ sign: wanted, goesBackTo });
  const does = useStable({
    goBack: (wanted: Sign, { remark, anchor }: Api['CarriedView']) =>
      say({ sign: wanted, goesBackTo: remark.id }, { about: 'ENTRY', entry: anchor?.entry }),
  });
  const speaking = useSpeaking((sound) => say({ sound }));
  const walk = (by: 1 | -1) => () => setChosen({ entry: beside(entries, entry, by)?.id });
  const sentence = () => setChosen({ entry: chosen.entry, span: nextSentence(entry, chosen.span) });
  const turnTo = (turn: Turn | undefined) => () => {
    if (!turn) return;
    const same =
      piece === null
        ? ''
        : `?${new URLSearchParams({ piece: entry?.codes.join(' ') ?? '', at: `${entries.findIndex((one) => one.id === chosen.entry)}` })}`;
    go(`${path}/${turn.version.id}${same}`);
  };
  const compare = () => before && setSearch(since ? {} : { since: before.id });
  const asBook = () => go(`${path}/${version.id}/read`);
  const byPiece = () => setSearch(piece === null ? { piece: '' } : {});
  const isBeingRead = version.state === 'BEING_READ';
  const firstLevel = useRef<HTMLInputElement>(null);
  const draw = () => isOpen && canBeDrawnOn(entry) && setMode('draw');
  useKeys({
    arrowright: turnTo(next),
    arrowleft: turnTo(previous),
    arrowdown: walk(1),
    arrowup: walk(-1),
    s: sentence,
    m: () => firstLevel.current?.focus(),
    y: () => isBeingRead && version.purpose === 'HAND_IN' && checking.check(),
    b: () => isBeingRead && checking.sendBack(),
    c: compare,
    f: asBook,
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
  return {
    entries,
    changes,
    before,
    since,
    chosen,
    mode,
    isOpen,
    isBeingRead,
    isByPiece: piece !== null,
    firstLevel,
    speaking,
    checking,
    goBack: does.goBack,
    choose: setChosen,
    setMode,
    say,
    sign,
    draw,
    compare,
    asBook,
    byPiece,
    goOn: turnTo(next),
  };
}
