import type { Api } from '../../api';
import { Card, Empty, evidenceOf, Shape } from '../../ui';

type Props = { view: Api['SheetView']; choices: string[]; onToggle: (id: string) => void };

/** The work of the week, small, beside the questions: what is chosen of it is what the sheet looks back on. */
export function WorkBeside({ view, choices, onToggle }: Props) {
  return (
    <Card title="Made this week">
      {view.work.length === 0 ? (
        <Empty>
          Nothing was made in this notebook in week {view.week}, so there is no work to look back on.
        </Empty>
      ) : (
        <fieldset>
          <legend className="mb-1.5 text-[13.5px] text-soft">
            Choose the work you mean
            {choices.length === 0 && <b className="text-brass"> · at least one</b>}
          </legend>
          <div className="grid max-h-[300px] grid-cols-2 gap-2 overflow-y-auto p-0.5">
            {view.work.map((work) => (
              <label
                key={work.id}
                className={`relative flex min-h-10 cursor-pointer items-start gap-1.5 rounded-md border-2 bg-card p-1.5 text-[13px] leading-snug focus-within:outline-2 focus-within:outline-offset-1 focus-within:outline-petrol ${
                  choices.includes(work.id) ? 'border-petrol' : 'border-line'
                }`}
              >
                <input
                  type="checkbox"
                  className="absolute inset-0 cursor-pointer opacity-0"
                  checked={choices.includes(work.id)}
                  onChange={() => onToggle(work.id)}
                />
                <span className="mt-[3px] flex">
                  <Shape kind={evidenceOf(work.kind)} size={10} />
                </span>
                <span className="line-clamp-2 min-w-0 break-words">{work.name}</span>
              </label>
            ))}
          </div>
        </fieldset>
      )}
    </Card>
  );
}
