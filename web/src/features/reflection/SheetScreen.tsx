import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Api } from '../../api';
import { Heading, Trouble, useKeys } from '../../ui';
import { AskedBand } from './AskedBand';
import { EarlierSheets } from './EarlierSheets';
import { HowSure } from './HowSure';
import { LetGoCard, LetGoForm } from './LetGo';
import { NO_ANSWER, type Sheet } from './mergeSheets';
import { NextCard } from './NextCard';
import { PromptCard } from './PromptCard';
import { sheetQuery } from './queries';
import { useMade } from './useMade';
import { useSheet } from './useSheet';
import { LETTERS, WorkBeside } from './WorkBeside';

/** The sheet of a week: what was meant last time, the questions with the week's work beside them, what is meant next. */
export function SheetScreen() {
  const { notebook = '', week = '' } = useParams();
  return <OpenSheet key={`${notebook} ${week}`} notebook={notebook} week={Number(week)} />;
}

function OpenSheet({ notebook, week }: { notebook: string; week: number }) {
  const view = useSuspenseQuery(sheetQuery(notebook, week)).data;
  const { sheet, change, answer, resolve, kept, trouble } = useSheet(notebook, view);
  const made = useMade({
    notebook,
    title: `Week ${week}, looking back`,
    home: view.home,
    work: [...view.drawn, ...view.work],
    ids: sheet.answers.flatMap((one) => one.made),
  });
  const [into, setInto] = useState(0);
  const [found, setFound] = useState<Api['Glimpse'][]>([]);
  const drawn = sheet.answers.flatMap((one) => one.pieces);
  /** Into the answer that is written, or out of all answers where it is in one. */
  const toggle = (id: string) =>
    drawn.includes(id)
      ? change({
          answers: sheet.answers.map((one) => ({
            ...one,
            pieces: one.pieces.filter((piece) => piece !== id),
          })),
        })
      : answer(into, (now) => ({ pieces: [...now.pieces, id] }));
  // What was made as an answer stands there already.
  const offered = view.work.filter((one) => !sheet.answers.some(({ made: own }) => own.includes(one.id)));
  const keepFound = (one: Api['Glimpse']) => setFound([...found, one]);
  const draw = (one: Api['Glimpse']) => {
    keepFound(one);
    toggle(one.id);
  };
  const isLetGo = !!sheet.letGo;
  useKeys(
    isLetGo
      ? {}
      : Object.fromEntries(
          offered.slice(0, LETTERS.length).map((one, at) => [LETTERS[at], () => toggle(one.id)]),
        ),
  );
  const topics = view.ratings.map(({ topic, code, title }) => ({ id: topic, code, title }));
  const work = new Map([...found, ...view.work, ...view.drawn].map((one) => [one.id, one]));
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_320px]">
      <div className="min-w-0">
        <div className="flex flex-wrap items-baseline justify-between gap-x-3">
          <Heading name={`Week ${week}, looking back`} className="mb-2 text-[24px]" />
          <output className="ml-auto text-[13px] text-soft" aria-live="polite">
            {kept}
          </output>
          {isWritten(sheet) && (
            <EarlierSheets
              notebook={notebook}
              week={week}
              questions={view.prompts.map((prompt) => prompt.question)}
              onBack={(answers) => change({ answers })}
            />
          )}
          {isWritten(sheet) && (
            <Link
              to={`/n/${notebook}/hand-in?monday=${view.monday}`}
              className="font-semibold whitespace-nowrap text-petrol hover:underline"
            >
              Hand in this sheet
            </Link>
          )}
        </div>
        <WhoAsks set={view.set} readers={view.readers} />
        <Trouble>{trouble}</Trouble>
        <Trouble>{made.trouble}</Trouble>
        {isLetGo && <LetGoCard reason={sheet.letGo} onWrite={() => change({ letGo: '' })} />}
        {!isLetGo && view.asked && (
          <AskedBand asked={view.asked} week={week} resolve={sheet.resolve} onChange={resolve} />
        )}
        {!isLetGo &&
          view.prompts.map((prompt, i) => (
            <PromptCard
              key={prompt.question}
              notebook={notebook}
              number={i + 1}
              prompt={prompt}
              answer={sheet.answers[i] ?? NO_ANSWER}
              topics={topics}
              work={work}
              made={made}
              isInto={into === i}
              onInto={() => setInto(i)}
              onChange={(part) => answer(i, part)}
            />
          ))}
        {!isLetGo && <NextCard next={sheet.resolve.next} onChange={(next) => resolve({ next })} />}
        {!isLetGo && !isWritten(sheet) && <LetGoForm onLetGo={(letGo) => change({ letGo })} />}
      </div>
      {!isLetGo && (
        <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-3 md:max-xl:grid-cols-2">
          <WorkBeside
            notebook={notebook}
            week={week}
            work={offered}
            drawn={drawn}
            into={view.prompts[into]?.question ?? ''}
            onDraw={draw}
            onFetch={keepFound}
          />
          <HowSure
            topics={view.ratings}
            ratings={sheet.ratings}
            onRate={(topic, value) => change({ ratings: { ...sheet.ratings, [topic]: value } })}
          />
        </div>
      )}
    </div>
  );
}

/** Whose questions these are, and who reads the answers, where that is not only oneself. */
function WhoAsks({ set, readers }: { set?: string; readers: string[] }) {
  const words = [
    set && `Questions: ${set}.`,
    readers.length > 0 &&
      `${readers.join(' and ')} ${readers.length > 1 ? 'read' : 'reads'} this sheet: it is handed in by itself when the week is over.`,
  ].filter(Boolean);
  return words.length > 0 ? <p className="mb-2 text-[13.5px] text-soft">{words.join(' ')}</p> : null;
}

const isWritten = (sheet: Sheet) => sheet.answers.some((one) => one.words.trim() || one.made.length > 0);
