import { useEffect, useRef, useState } from 'react';
import { Problem } from '../../api';
import { clockTime } from '../../ui';
import type { Answer } from './mergeSheets';
import { rehang } from './rehang';

/** Answers as the server has them: the version, the questions that are asked, and all that is written. */
export type Version<T> = { version: number; questions: string[]; sheet: T };

/** As it was typed here, over what of the server's. */
type Draft<T> = Version<T> & { base: T };

/** How answers go to the server and come from there. */
type Way<T> = {
  /** Under which they lie on this device. */
  place: string;
  opened: Version<T>;
  load: () => Promise<Version<T>>;
  send: (draft: Version<T>) => Promise<{ version: number }>;
  merge: (base: T, mine: T, theirs: T) => T;
  /** What an earlier version of the program left, as this one holds it. */
  whole: (left: T) => T;
  onKept: () => void;
  onLeave: () => void;
};

const PAUSE_MILLIS = 600;
const RETRY_MILLIS = 3_000;

const under = <T extends { answers: Answer[] }>(sheet: T, before: string[], now: string[]): T => ({
  ...sheet,
  answers: rehang(sheet.answers, before, now),
});

/** What an earlier visit left here, under the questions that are asked now. */
function leftAt<T extends { answers: Answer[] }>({ place, opened, whole }: Way<T>): Draft<T> | undefined {
  const left: Draft<T> | null = JSON.parse(localStorage.getItem(place) ?? 'null');
  if (!left) return undefined;
  const { questions } = opened;
  const hung = (sheet: T) => under(whole(sheet), left.questions ?? questions, questions);
  return { ...left, questions, base: hung(left.base), sheet: hung(left.sheet) };
}

/** Answers while they are written: on this device with every key, sent after a pause, sent again when the network is back. */
export function useKept<T extends { answers: Answer[] }>(way: Way<T>) {
  const { place, opened, load, send, merge } = way;
  const draft = useRef<Draft<T>>(undefined);
  draft.current ??= leftAt(way) ?? { ...opened, base: opened.sheet };
  const [sheet, setSheet] = useState(draft.current.sheet);
  const [kept, setKept] = useState('');
  const [trouble, setTrouble] = useState('');
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const isSending = useRef(false);

  const put = (next: Draft<T>) => {
    draft.current = next;
    localStorage.setItem(place, JSON.stringify(next));
    setSheet(next.sheet);
  };

  const takeBoth = async () => {
    const theirs = await load();
    const { base, sheet: mine, questions: before } = draft.current as Draft<T>;
    const hung = (one: T) => under(one, before, theirs.questions);
    put({ ...theirs, base: theirs.sheet, sheet: merge(hung(base), hung(mine), theirs.sheet) });
    setTrouble('This was changed in another place too. Both are kept, one below the other.');
    sendSoon(0);
  };

  const sendNow = async () => {
    if (isSending.current) return;
    isSending.current = true;
    const sent = draft.current as Draft<T>;
    try {
      const { version } = await send(sent);
      const isLatest = draft.current === sent;
      put({ ...(draft.current as Draft<T>), version, base: sent.sheet });
      if (isLatest) {
        localStorage.removeItem(place);
        setKept(`All kept · ${clockTime(Date.now())}`);
      } else sendSoon(PAUSE_MILLIS);
      way.onKept();
    } catch (error) {
      if (error instanceof Problem && error.status === 409)
        return void takeBoth().catch(() => sendSoon(RETRY_MILLIS));
      if (error instanceof Problem && error.status < 500 && error.status !== 401)
        return setTrouble(error.message);
      setKept('Kept on this device, waiting for the network');
      sendSoon(RETRY_MILLIS);
    } finally {
      isSending.current = false;
    }
  };
  const sendSoon = (millis: number) => {
    clearTimeout(timer.current);
    timer.current = setTimeout(sendNow, millis);
  };

  const change = (part: (now: T) => Partial<T>) => {
    const before = draft.current as Draft<T>;
    put({ ...before, sheet: { ...before.sheet, ...part(before.sheet) } });
    setTrouble('');
    setKept('Keeping…');
    sendSoon(PAUSE_MILLIS);
  };
  const answer = (at: number, part: (now: Answer) => Partial<Answer>) =>
    change(
      ({ answers }) =>
        ({ answers: answers.map((one, i) => (i === at ? { ...one, ...part(one) } : one)) }) as Partial<T>,
    );

  // biome-ignore lint/correctness/useExhaustiveDependencies: once, for what an earlier visit left here
  useEffect(() => {
    if (localStorage.getItem(place)) sendSoon(0);
    return () => {
      clearTimeout(timer.current);
      if (localStorage.getItem(place)) void sendNow();
      way.onLeave();
    };
  }, []);
  return { sheet, change, answer, kept, trouble };
}
