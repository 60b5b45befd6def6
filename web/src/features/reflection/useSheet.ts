import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { type Api, api, Problem, unwrap } from '../../api';
import { clockTime } from '../../ui';

export type Sheet = { answers: string[]; choices: string[]; ratings: Record<string, number> };

const PAUSE_MILLIS = 600;
const RETRY_MILLIS = 3_000;

const fromView = (view: Api['SheetView']): Sheet => ({
  answers: view.answers,
  choices: view.choices,
  ratings: Object.fromEntries(
    view.ratings.flatMap((one) => (one.value === undefined ? [] : [[one.topic, one.value]])),
  ),
});

/** A sheet while it is written: on this device with every key, sent after a pause, sent again when the network is back. */
export function useSheet(notebook: string, view: Api['SheetView']) {
  const queries = useQueryClient();
  const place = `notchbook.sheet.${notebook}.${view.week}`;
  const [sheet, setSheet] = useState<Sheet>(
    () => JSON.parse(localStorage.getItem(place) ?? 'null') ?? fromView(view),
  );
  const [kept, setKept] = useState('');
  const [trouble, setTrouble] = useState('');
  const version = useRef(view.version);
  const latest = useRef(sheet);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const isSending = useRef(false);

  const send = async () => {
    if (isSending.current) return;
    isSending.current = true;
    const sent = latest.current;
    try {
      const path = { params: { path: { id: notebook, week: view.week } } };
      const answer = await unwrap(
        api.PUT('/api/notebooks/{id}/reflections/{week}', {
          ...path,
          body: { baseVersion: version.current, ...sent },
        }),
      );
      version.current = answer.version;
      setTrouble('');
      if (latest.current === sent) {
        localStorage.removeItem(place);
        setKept(`All kept · ${clockTime(Date.now())}`);
      } else sendSoon(PAUSE_MILLIS);
      for (const key of ['sheets', 'coverage']) queries.invalidateQueries({ queryKey: [key, notebook] });
    } catch (error) {
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
    latest.current = { ...latest.current, ...part };
    localStorage.setItem(place, JSON.stringify(latest.current));
    setSheet(latest.current);
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
  return { sheet, change, kept, trouble };
}
