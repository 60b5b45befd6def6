import type { Api } from '../../api';
import { Card, Empty, evidenceOf, Key, Shape } from '../../ui';
import { DRAGGED_ENTRY, GlimpseLook } from '../entry';

type Props = {
  week: number;
  work: Api['Glimpse'][];
  /** What is drawn into any answer. */
  drawn: string[];
  /** The question that it goes into. */
  into: string;
  onDraw: (id: string) => void;
};

/** Keys that mean nothing else on this screen. */
export const LETTERS = [...'abcdefijklnopqrstuvwxyz'];

/** The work of the week, small, beside the questions: a press, its letter or a drag draws it into an answer. */
export function WorkBeside({ week, work, drawn, into, onDraw }: Props) {
  return (
    <Card title="Made this week">
      {work.length === 0 ? (
        <Empty>Nothing was made in this notebook in week {week}, so there is no work to draw in.</Empty>
      ) : (
        <>
          <p className="mb-1.5 text-[13px] text-soft">
            A press draws it into “{into}”; so does its letter, outside the text, and a drag into any answer.
          </p>
          <ul className="grid max-h-[360px] grid-cols-2 gap-2 overflow-y-auto p-0.5">
            {work.map((one, at) => (
              <li key={one.id}>
                <WorkButton
                  work={one}
                  letter={LETTERS[at]}
                  isDrawn={drawn.includes(one.id)}
                  onDraw={() => onDraw(one.id)}
                />
              </li>
            ))}
          </ul>
        </>
      )}
    </Card>
  );
}

type ButtonProps = { work: Api['Glimpse']; letter?: string; isDrawn: boolean; onDraw: () => void };

function WorkButton({ work, letter, isDrawn, onDraw }: ButtonProps) {
  return (
    <button
      type="button"
      draggable
      aria-pressed={isDrawn}
      title={work.name}
      className={`flex h-full w-full cursor-grab flex-col overflow-hidden rounded-md border-2 bg-card text-left ${isDrawn ? 'border-petrol' : 'border-line hover:border-petrol'}`}
      onDragStart={(event) => event.dataTransfer.setData(DRAGGED_ENTRY, work.id)}
      onClick={onDraw}
    >
      <GlimpseLook work={work} className="h-[34px] w-full shrink-0 border-b border-line" />
      <span className="flex w-full items-start gap-1.5 p-1.5 text-[13px] leading-snug">
        <span className="mt-[3px] flex">
          <Shape kind={evidenceOf(work.kind)} size={10} />
        </span>
        <span className="line-clamp-2 min-w-0 flex-1 break-words">{work.name}</span>
        {letter && (
          <span className="text-soft">
            <Key>{letter.toUpperCase()}</Key>
          </span>
        )}
      </span>
    </button>
  );
}
