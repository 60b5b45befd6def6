import { useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Api } from '../../api';
import { useOutbox } from '../../device';
import {
  Button,
  Card,
  dayName,
  Empty,
  evidenceOf,
  Heading,
  offerUndo,
  plural,
  Shape,
  useKeys,
} from '../../ui';
import { NotchPicker } from '../entry';
import { unfiledQuery } from '../suggest';
import { syllabusQuery } from '../syllabus';

type Unfiled = Api['UnfiledEntryView'];

/** Work that no point has, newest first, with what it may be about; keys alone file a screenful. */
export function UnfiledScreen() {
  const { notebook = '' } = useParams();
  const queries = useQueryClient();
  const { outbox } = useOutbox();
  const points = (useQuery(syllabusQuery(notebook)).data ?? []).filter((node) => node.kind !== 'UNIT');
  const entries = useSuspenseQuery(unfiledQuery(notebook)).data;
  const [wanted, setAt] = useState(0);
  const [isChoosing, setChoosing] = useState(false);
  const at = Math.min(wanted, entries.length - 1);
  const entry = entries[at];

  const show = (change: (now: Unfiled[]) => Unfiled[]) =>
    queries.setQueryData(unfiledQuery(notebook).queryKey, (now) => now && change(now));
  const send = (method: 'PUT' | 'DELETE', one: Unfiled, act: string) =>
    outbox.act({ pageId: one.pageId, method, path: `/api/entries/${one.id}/${act}` });
  /** Does something that files an entry, and offers to take it back. */
  const file = (one: Unfiled, act: string, done: string) => {
    const before = entries;
    send('PUT', one, act);
    show((now) => now.filter((other) => other.id !== one.id));
    offerUndo(done, () => {
      send('DELETE', one, act);
      show(() => before);
    });
  };
  const notch = (point: string, code: string) =>
    entry && file(entry, `notches/${point}`, `Notched at ${code}`);
  const accept = (nth: number) => () => {
    const suggestion = entry?.suggestions[nth];
    if (suggestion) notch(suggestion.point, suggestion.code);
  };
  const beside = () => entry && file(entry, 'beside-syllabus', 'No syllabus work');
  const refuse = () => {
    const [first] = entry?.suggestions ?? [];
    if (!entry || !first) return;
    send('PUT', entry, `not-this/${first.point}`);
    show((now) =>
      now.map((one) => (one.id === entry.id ? { ...one, suggestions: one.suggestions.slice(1) } : one)),
    );
  };
  const go = (by: number) => () => setAt(Math.min(entries.length - 1, Math.max(0, at + by)));
  useKeys({
    arrowdown: go(1),
    arrowup: go(-1),
    a: accept(0),
    '1': accept(0),
    '2': accept(1),
    '3': accept(2),
    o: () => entry && setChoosing(true),
    d: refuse,
    x: beside,
  });
  return (
    <div className="max-w-4xl">
      <Heading name="Unfiled work" className="mb-1 text-[24px]" />
      <p className="mb-3 text-soft">
        {entries.length === 0
          ? 'Everything in this notebook is filed.'
          : `${plural(entries.length, 'entry', 'entries')} that no point has. What stands here covers nothing yet.`}
      </p>
      {entries.length === 0 && (
        <Card>
          <Empty>New work stands here until you notch it.</Empty>
        </Card>
      )}
      <ol className="grid grid-cols-[minmax(0,1fr)] gap-2" aria-label="Unfiled work">
        {entries.map((one, i) => (
          <li
            key={one.id}
            aria-current={i === at}
            className={`rounded-lg bg-card p-3 ${i === at ? 'outline-2 outline-petrol' : ''}`}
          >
            <Line one={one} notebook={notebook} onChoose={() => setAt(i)} />
            {i === at && (
              <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-1">
                {one.suggestions.map((suggestion, nth) => (
                  <SuggestionButton
                    key={suggestion.point}
                    suggestion={suggestion}
                    hotkey={`${nth + 1}`}
                    onAccept={accept(nth)}
                  />
                ))}
                {one.suggestions.length === 0 && (
                  <p className="text-[14px] text-soft">
                    Its words fit no point well. Choose one, or set it aside.
                  </p>
                )}
                <div className="mt-1 flex flex-wrap gap-2">
                  <Button hotkey="O" onClick={() => setChoosing(true)}>
                    Another point
                  </Button>
                  {one.suggestions.length > 0 && (
                    <Button hotkey="D" onClick={refuse}>
                      Not the first
                    </Button>
                  )}
                  <Button hotkey="X" onClick={beside}>
                    No syllabus work
                  </Button>
                </div>
              </div>
            )}
          </li>
        ))}
      </ol>
      {isChoosing && entry && (
        <NotchPicker
          title={`Where does “${entry.name}” belong?`}
          points={points}
          cut={new Set()}
          hint=""
          onToggle={(point) => {
            notch(point, points.find((one) => one.id === point)?.code ?? '');
            setChoosing(false);
          }}
          onClose={() => setChoosing(false)}
        />
      )}
    </div>
  );
}

function Line({ one, notebook, onChoose }: { one: Unfiled; notebook: string; onChoose: () => void }) {
  const rest = one.excerpt.startsWith(one.name) ? one.excerpt.slice(one.name.length) : one.excerpt;
  return (
    <div className="flex flex-wrap items-baseline gap-2.5">
      <span className="self-center">
        <Shape kind={evidenceOf(one.kind)} />
      </span>
      <button type="button" className="min-h-[24px] min-w-0 flex-1 truncate text-left" onClick={onChoose}>
        <b>{one.name}</b>
        <span className="ml-2 text-soft">{rest}</span>
      </button>
      <span className="text-[13px] whitespace-nowrap text-soft">{dayName(one.day)}</span>
      <Link
        to={`/n/${notebook}/p/${one.pageId}?entry=${one.id}`}
        className="inline-block min-h-[24px] text-petrol hover:underline"
      >
        Look at it
      </Link>
    </div>
  );
}

type SuggestionProps = { suggestion: Api['SuggestionView']; hotkey: string; onAccept: () => void };

function SuggestionButton({ suggestion, hotkey, onAccept }: SuggestionProps) {
  return (
    <Button className="w-full justify-start! text-left font-normal!" hotkey={hotkey} onClick={onAccept}>
      <b className="text-petrol">{suggestion.code}</b>
      <span className="min-w-0 flex-1">
        {suggestion.title} <span className="text-[13px] text-soft">by “{suggestion.words.join(', ')}”</span>
      </span>
    </Button>
  );
}
