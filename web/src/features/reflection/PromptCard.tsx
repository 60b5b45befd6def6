import { useId } from 'react';
import type { Api } from '../../api';
import { Button } from '../../ui';
import { AnswerDrop } from './AnswerDrop';
import { GivenField, type Topic } from './GivenField';
import type { Answer } from './mergeSheets';
import { RangeGauge } from './RangeGauge';
import type { Made } from './useMade';
import { WithAnswer } from './WithAnswer';

type Props = {
  notebook: string;
  /** From 1. */
  number: number;
  prompt: Api['Prompt'];
  answer: Answer;
  topics: Topic[];
  /** Work by its id. */
  work: Map<string, Api['Glimpse']>;
  made: Made;
  /** Whether work that is pressed goes in here. */
  isInto: boolean;
  onInto: () => void;
  onChange: (part: (now: Answer) => Partial<Answer>) => void;
};

/** A question with its answer: words, what is drawn into it, what was spoken or written by hand, and where it stands in its range. */
export function PromptCard(props: Props) {
  const { notebook, number, prompt, answer, topics, work, made, isInto, onInto, onChange } = props;
  const { question } = prompt;
  const id = useId();
  const own = answer.made.flatMap((one) => made.entries.get(one) ?? []);
  const withMade = async (making: Promise<string | undefined>) => {
    const entry = await making;
    if (entry) onChange((now) => ({ made: [...now.made, entry] }));
  };
  return (
    <AnswerDrop
      name={`Question ${number}`}
      isInto={isInto}
      onInto={onInto}
      onDrop={(piece) => onChange((now) => ({ pieces: [...new Set([...now.pieces, piece])] }))}
    >
      <label htmlFor={id} className="font-head text-[16px] font-bold">
        {question}
      </label>
      <GivenField
        number={number}
        prompt={prompt}
        given={answer.given}
        topics={topics}
        onChange={(given) => onChange(() => ({ given }))}
      />
      <textarea
        id={id}
        value={answer.words}
        rows={Math.max(2, Math.ceil(answer.words.length / 95) + 1)}
        maxLength={20_000}
        aria-describedby={`${id}-count`}
        placeholder="Write here"
        className="mt-1.5 block field-sizing-content w-full resize-y bg-card text-[15px] leading-normal placeholder:text-soft"
        onKeyDown={(event) => event.key === 'Escape' && event.currentTarget.blur()}
        onChange={(event) => onChange(() => ({ words: event.target.value }))}
      />
      {isInto && prompt.openings.length > 0 && !answer.words && (
        <p className="mt-1 text-[13.5px] text-soft">
          Ways to begin: {prompt.openings.map((one) => `“${one}”`).join('  ')}
        </p>
      )}
      <WithAnswer
        notebook={notebook}
        answer={answer}
        work={work}
        made={made}
        onTakeOut={(list, gone) => onChange((now) => ({ [list]: now[list].filter((one) => one !== gone) }))}
      />
      {prompt.asks === 'PIECE' && answer.pieces.length === 0 && (
        <p className="mt-1 text-[13.5px] text-brass">This question asks for a piece of work: draw one in.</p>
      )}
      <div className="mt-1.5 flex flex-wrap items-center justify-between gap-x-4">
        <RangeGauge
          id={`${id}-count`}
          range={prompt.range}
          words={answer.words}
          spoken={own.reduce((sum, entry) => sum + (entry.media?.seconds ?? 0), 0)}
          isHandwritten={own.some((entry) => entry.kind !== 'RECORDING')}
        />
        {made.canMake && (
          <span className="flex gap-1">
            <Button look="quiet" onClick={() => void withMade(made.speak(question))}>
              Say it
            </Button>
            <Button look="quiet" onClick={() => void withMade(made.draw(question))}>
              Write by hand
            </Button>
          </span>
        )}
      </div>
    </AnswerDrop>
  );
}
