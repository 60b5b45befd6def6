import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { Link, useParams } from 'react-router';
import type { Api } from '../../api';
import { Card, countWords, Empty, evidenceOf, Heading, percent, Shape, Trouble, wordsPlace } from '../../ui';
import { coverageQuery } from '../coverage';
import type { Sheet } from './mergeSheets';
import { sheetQuery } from './queries';
import { useSheet } from './useSheet';

/** The sheet of a week: choose the work, answer the prompts, say how sure you are. */
export function SheetScreen() {
  const { notebook = '', week = '' } = useParams();
  return <OpenSheet key={`${notebook} ${week}`} notebook={notebook} week={Number(week)} />;
}

function OpenSheet({ notebook, week }: { notebook: string; week: number }) {
  const view = useSuspenseQuery(sheetQuery(notebook, week)).data;
  const { sheet, change, kept, trouble } = useSheet(notebook, view);
  const answer = (index: number, text: string) =>
    change({ answers: sheet.answers.map((one, i) => (i === index ? text : one)) });
  const toggle = (id: string) =>
    change({
      choices: sheet.choices.includes(id)
        ? sheet.choices.filter((one) => one !== id)
        : [...sheet.choices, id],
    });
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_340px]">
      <div className="min-w-0">
        <div className="flex items-baseline justify-between gap-3">
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
        <ChooseWork view={view} choices={sheet.choices} onToggle={toggle} />
        {view.prompts.map((prompt, i) => (
          <PromptCard
            key={prompt.question}
            prompt={prompt}
            text={sheet.answers[i] ?? ''}
            onChange={(text) => answer(i, text)}
          />
        ))}
      </div>
      <HowSure
        notebook={notebook}
        view={view}
        sheet={sheet}
        onRate={(topic, value) => change({ ratings: { ...sheet.ratings, [topic]: value } })}
      />
    </div>
  );
}

function ChooseWork({
  view,
  choices,
  onToggle,
}: {
  view: Api['SheetView'];
  choices: string[];
  onToggle: (id: string) => void;
}) {
  return (
    <fieldset className="mb-3">
      <legend className="mb-1.5 text-soft">
        Choose the work you mean
        {view.work.length > 0 && choices.length === 0 && <b className="text-brass"> · at least one</b>}
      </legend>
      {view.work.length === 0 && (
        <Empty>
          Nothing was made in this notebook in week {view.week}, so there is no work to look back on.
        </Empty>
      )}
      <div className="grid max-h-[184px] grid-cols-2 gap-2.5 overflow-y-auto p-0.5 sm:grid-cols-4">
        {view.work.map((work) => (
          <label
            key={work.id}
            className={`relative min-h-16 cursor-pointer rounded-md border-2 bg-card p-2 text-[13px] leading-snug focus-within:outline-2 focus-within:outline-offset-2 focus-within:outline-petrol ${
              choices.includes(work.id) ? 'border-petrol' : 'border-line'
            }`}
          >
            <input
              type="checkbox"
              className="absolute inset-0 cursor-pointer opacity-0"
              checked={choices.includes(work.id)}
              onChange={() => onToggle(work.id)}
            />
            <Shape kind={evidenceOf(work.kind)} />
            <span className="mt-1 line-clamp-2 block">{work.name}</span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

function PromptCard({
  prompt,
  text,
  onChange,
}: {
  prompt: Api['PromptView'];
  text: string;
  onChange: (text: string) => void;
}) {
  const id = useId();
  const words = countWords(text);
  return (
    <Card className="mb-3">
      <label htmlFor={id} className="font-head text-[16px] font-bold">
        {prompt.question}
      </label>
      <textarea
        id={id}
        value={text}
        rows={Math.max(2, Math.ceil(text.length / 95) + 1)}
        aria-describedby={`${id}-count`}
        placeholder="Write here"
        className="mt-1.5 block w-full resize-y bg-card text-[15px] leading-normal placeholder:text-soft"
        onChange={(event) => onChange(event.target.value)}
      />
      <WordGauge id={`${id}-count`} words={words} least={prompt.least} most={prompt.most} />
    </Card>
  );
}

/** Where the count stands: the range as a band, the count as a notch above it. */
function WordGauge({ id, words, least, most }: { id: string; words: number; least: number; most: number }) {
  const end = most * 1.15;
  const isIn = words >= least && words <= most;
  return (
    <div className="mt-2 flex items-center gap-3 text-[13px] text-soft">
      <svg viewBox="0 0 180 12" className="h-3 w-[180px] overflow-visible" aria-hidden="true">
        <rect y="7" width="180" height="4" rx="2" fill="var(--desk)" />
        <rect
          x={(180 * least) / end}
          y="7"
          width={(180 * (most - least)) / end}
          height="4"
          fill={isIn ? 'var(--moss)' : 'var(--line)'}
        />
        <path
          d="M-5 0h10L0 6z"
          transform={`translate(${Math.min(180, (180 * words) / end)} 0)`}
          fill={isIn ? 'var(--moss)' : 'var(--brass)'}
        />
      </svg>
      <span id={id} aria-live="polite">
        {wordsPlace(words, least, most)}
      </span>
    </div>
  );
}

const SCALE = [
  [1, 'not at all'],
  [2, 'a little'],
  [3, 'fairly'],
  [4, 'sure'],
] as const;

function HowSure({
  notebook,
  view,
  sheet,
  onRate,
}: {
  notebook: string;
  view: Api['SheetView'];
  sheet: Sheet;
  onRate: (topic: string, value: number) => void;
}) {
  const papers = new Map(
    useQuery(coverageQuery(notebook)).data?.topics.map((topic) => [topic.id, topic.paper]),
  );
  return (
    <Card title="How sure are you?">
      {view.ratings.length === 0 && <Empty>No topic was planned or worked on in this week.</Empty>}
      {view.ratings.map((topic) => {
        const value = sheet.ratings[topic.topic];
        const paper = papers.get(topic.topic);
        return (
          <fieldset key={topic.topic} className="border-b border-line py-2 last:border-0">
            <legend className="float-left mr-2 w-36 leading-snug">
              {topic.code} {topic.title}
            </legend>
            <div className="flex items-center gap-1">
              {SCALE.map(([step, name]) => (
                <label
                  key={step}
                  title={name}
                  className="cursor-pointer rounded focus-within:outline-2 focus-within:outline-petrol"
                >
                  <input
                    type="radio"
                    name={topic.topic}
                    className="sr-only"
                    aria-label={`${step} of 4, ${name}`}
                    checked={value === step}
                    onChange={() => onRate(topic.topic, step)}
                  />
                  <svg viewBox="0 0 24 16" className="h-4 w-6" aria-hidden="true">
                    <path
                      d="M2 1h20l-5 13H7z"
                      fill={value !== undefined && step <= value ? 'var(--petrol)' : 'none'}
                      stroke="var(--petrol)"
                      strokeWidth="1.3"
                    />
                  </svg>
                </label>
              ))}
              <span className="ml-2 text-[13px] text-soft">{paper === undefined ? '–' : percent(paper)}</span>
            </div>
            {value !== undefined && paper !== undefined && value >= 3 && paper < 0.5 && (
              <p className="clear-left text-[13px] text-rust">Surer than your papers say</p>
            )}
          </fieldset>
        );
      })}
    </Card>
  );
}
