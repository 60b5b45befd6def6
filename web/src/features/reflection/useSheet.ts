import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { type Api, api, Problem, unwrap } from '../../api';
import { clockTime } from '../../ui';
import { mergeSheets, type Resolve, type Sheet } from './mergeSheets';

/** A sheet as it was typed here, with the version of the server's that it was typed over. */
type Draft = { version: number; base: Sheet; sheet: Sheet };

const PAUSE_MILLIS = 600;
const RETRY_MILLIS = 3_000;

const fromView = (view: Api['SheetView']): Sheet => ({
  answers: view.answers,
  choices: view.choices,
  ratings: Object.fromEntries(
    view.ratings.flatMap((one) => (one.value === undefined ? [] : [[one.topic, one.value]])),
  ),
  resolve: view.resolve,
});

/** One that was left here by an earlier version of the program has no intentions. */
function draftAt(place: string, resolve: Resolve): Draft | null {
  const left: Draft | null = JSON.parse(localStorage.getItem(place) ?? 'null');
  const whole = (sheet: Sheet): Sheet => ({ ...sheet, resolve: sheet.resolve ?? resolve });
  return left && { ...left, base: whole(left.base), sheet: whole(left.sheet) };
}

/** A sheet while it is written: on this device with every key, sent after a pause, sent again when the network is back. */
export function useSheet(notebook: string, view: Api['SheetView']) {
  const queries = useQueryClient();
  const place = `notchbook.sheet.${notebook}.${view.week}`;
  const draft = useRef<Draft>(undefined);
  draft.current ??= draftAt(place, view.resolve) ?? {
    version: view.version,
    base: fromView(view),
    sheet: fromView(view),
  };
  const [sheet, setSheet] = useState(draft.current.sheet);
  const [kept, setKept] = useState('');
  const [trouble, setTrouble] = useState('');
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const isSending = useRef(false);
  const path = { params: { path: { id: notebook, week: view.week } } };

  const put = (next: Draft) => {
    draft.current = next;
    localStorage.setItem(place, JSON.stringify(next));
    setSheet(next.sheet);
  };

  const takeBoth = async () => {
    const now = await unwrap(api.GET('/api/notebooks/{id}/reflections/{week}', path));
    const { base, sheet: mine } = draft.current as Draft;
    put({ version: now.version, base: fromView(now), sheet: mergeSheets(base, mine, fromView(now)) });
    setTrouble('This sheet was changed in another place too. Both are kept, one below the other.');
    sendSoon(0);
  };

  const send = async () => {
    if (isSending.current) return;
    isSending.current = true;
    const sent = draft.current as Draft;
    try {
      const body = { baseVersion: sent.version, ...sent.sheet };
      const answer = await unwrap(api.PUT('/api/notebooks/{id}/reflections/{week}', { ...path, body }));
      const isLatest = draft.current === sent;
      put({ version: answer.version, base: sent.sheet, sheet: (draft.current as Draft).sheet });
      if (isLatest) {
        localStorage.removeItem(place);
        setKept(`All kept · ${clockTime(Date.now())}`);
      } else sendSoon(PAUSE_MILLIS);
      for (const key of ['sheets', 'coverage']) queries.invalidateQueries({ queryKey: [key, notebook] });
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
    timer.current = setTimeout(send, millis);
  };

  const change = (part: Partial<Sheet>) => {
    const before = draft.current as Draft;
    put({ ...before, sheet: { ...before.sheet, ...part } });
    setTrouble('');
    setKept('Keeping…');
    sendSoon(PAUSE_MILLIS);
  };

  // biome-ignore lint/correctness/useExhaustiveDependencies: once, for what an earlier visit left here
  useEffect(() => {
    if (localStorage.getItem(place)) sendSoon(0);
    return () => {
      clearTimeout(timer.current);
      if (localStorage.getItem(place)) void send();
    };
  }, []);
  const resolve = (part: Partial<Resolve>) =>
    change({ resolve: { ...(draft.current as Draft).sheet.resolve, ...part } });
  return { sheet, change, resolve, kept, trouble };
}
