import type { Api } from '../../api';
import { Card, Empty } from '../../ui';
import { OlderWork } from './OlderWork';
import { WorkButton } from './WorkButton';

type Props = {
  notebook: string;
  week: number;
  work: Api['Glimpse'][];
  /** What is drawn into any answer. */
  drawn: string[];
  /** The question that it goes into. */
  into: string;
  onDraw: (work: Api['Glimpse']) => void;
  /** Work of another week is on its way into an answer. */
  onFetch: (work: Api['Glimpse']) => void;
};

/** Keys that mean nothing else on this screen. */
export const LETTERS = [...'abcdefijklnopqrstuvwxyz'];

/** The work of the week, small, beside the questions: a press, its letter or a drag draws it into an answer. */
export function WorkBeside({ notebook, week, work, drawn, into, onDraw, onFetch }: Props) {
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
                  onDraw={() => onDraw(one)}
                />
              </li>
            ))}
          </ul>
        </>
      )}
      <OlderWork notebook={notebook} drawn={drawn} onDraw={onDraw} onDrag={onFetch} />
    </Card>
  );
}
