import { type ReactNode, useState } from 'react';
import type { Api } from '../../api';
import { Heading, percent } from '../../ui';

type Which = keyof Api['WhyView'];

/** The three figures at the top; each says in one press how it came about. */
export function CoverageFigures({
  coverage,
  name,
  aside,
}: {
  coverage: Api['CoverageView'];
  name: string;
  aside?: ReactNode;
}) {
  const [open, setOpen] = useState<Which>();
  const figure = (which: Which, value: string, words: string) => (
    <Figure
      value={value}
      words={words}
      isOpen={open === which}
      onToggle={() => setOpen(open === which ? undefined : which)}
    />
  );
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end gap-x-7 gap-y-2">
        <Heading name={`Coverage of ${name}`} className="sr-only" />
        {figure('marksCovered', percent(coverage.marksCovered), 'of the marks have notes behind them')}
        {figure(
          'pointsBare',
          String(coverage.pointsBare),
          coverage.pointsBare === 1 ? 'point still bare' : 'points still bare',
        )}
        {figure(
          'topicsBehind',
          String(coverage.topicsBehind),
          coverage.topicsBehind === 1 ? 'topic behind the plan' : 'topics behind the plan',
        )}
        {aside}
      </div>
      {open && (
        <ul className="mb-3 rounded-lg bg-card px-4 py-3 text-[14px]" aria-label="How this came about">
          {coverage.why[open].map((reason) => (
            <li key={reason} className="py-0.5">
              {reason}
            </li>
          ))}
          {coverage.why[open].length === 0 && <li className="text-soft">None.</li>}
        </ul>
      )}
    </>
  );
}

function Figure({
  value,
  words,
  isOpen,
  onToggle,
}: {
  value: string;
  words: string;
  isOpen: boolean;
  onToggle: () => void;
}) {
  return (
    <button type="button" className="group text-left" aria-expanded={isOpen} onClick={onToggle}>
      <span className="block font-head text-[38px] leading-[1.05] font-bold">{value}</span>
      <span className="text-[13.5px] text-soft decoration-dotted underline-offset-4 group-hover:text-petrol group-hover:underline">
        {words}
      </span>
    </button>
  );
}
