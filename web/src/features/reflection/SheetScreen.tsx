import { useSuspenseQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { Heading, Trouble } from '../../ui';
import { AskedBand } from './AskedBand';
import { HowSure } from './HowSure';
import { NextCard } from './NextCard';
import { PromptCard } from './PromptCard';
import { sheetQuery } from './queries';
import { useSheet } from './useSheet';
import { WorkBeside } from './WorkBeside';

/** The sheet of a week: what was meant last time, the questions with the week's work beside them, what is meant next. */
export function SheetScreen() {
  const { notebook = '', week = '' } = useParams();
  return <OpenSheet key={`${notebook} ${week}`} notebook={notebook} week={Number(week)} />;
}

function OpenSheet({ notebook, week }: { notebook: string; week: number }) {
  const view = useSuspenseQuery(sheetQuery(notebook, week)).data;
  const { sheet, change, resolve, kept, trouble } = useSheet(notebook, view);
  const answer = (index: number, text: string) =>
    change({ answers: sheet.answers.map((one, i) => (i === index ? text : one)) });
  const toggle = (id: string) =>
    change({
      choices: sheet.choices.includes(id)
        ? sheet.choices.filter((one) => one !== id)
        : [...sheet.choices, id],
    });
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_320px]">
      <div className="min-w-0">
        <div className="flex flex-wrap items-baseline justify-between gap-x-3">
          <Heading name={`Week ${week}, looking back`} className="mb-2 text-[24px]" />
          <output className="ml-auto text-[13px] text-soft" aria-live="polite">
            {kept}
          </output>
          {sheet.answers.some((one) => one.trim()) && (
            <Link
              to={`/n/${notebook}/hand-in?monday=${view.monday}`}
              className="font-semibold whitespace-nowrap text-petrol hover:underline"
            >
              Hand in this sheet
            </Link>
          )}
        </div>
        <Trouble>{trouble}</Trouble>
        {view.asked && (
          <AskedBand asked={view.asked} week={week} resolve={sheet.resolve} onChange={resolve} />
        )}
        {view.prompts.map((prompt, i) => (
          <PromptCard
            key={prompt.question}
            prompt={prompt}
            text={sheet.answers[i] ?? ''}
            onChange={(text) => answer(i, text)}
          />
        ))}
        <NextCard next={sheet.resolve.next} onChange={(next) => resolve({ next })} />
      </div>
      <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-3 md:max-xl:grid-cols-2">
        <WorkBeside view={view} choices={sheet.choices} onToggle={toggle} />
        <HowSure
          topics={view.ratings}
          ratings={sheet.ratings}
          onRate={(topic, value) => change({ ratings: { ...sheet.ratings, [topic]: value } })}
        />
      </div>
    </div>
  );
}
