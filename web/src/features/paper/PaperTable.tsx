import { dayName, percent } from '../../ui';
import type { Paper, PaperGrid } from './paperGrid';

/** From these shares on a mark is good, and below it is weak, as for sureness. */
const STRONG = 0.7;
const WEAK = 0.5;

/** What is done and what is not: years by papers, each opening its own marks. */
export function PaperTable({ grid, onOpen }: { grid: PaperGrid; onOpen: (paper: Paper) => void }) {
  return (
    <div className="relative overflow-x-auto rounded-lg bg-card pb-1">
      <table className="w-full border-collapse">
        <thead className="text-left text-[12.5px] text-soft">
          <tr className="border-b border-line">
            <th className="py-2 pl-4 font-normal">Set in</th>
            {grid.columns.map((column) => (
              <th key={column} className="px-1 font-normal">
                {column}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {grid.rows.map((row) => (
            <tr key={row.when} className="border-b border-line/60 align-top">
              <th scope="row" className="py-3 pl-4 text-left font-semibold whitespace-nowrap">
                {row.when}
              </th>
              {row.cells.map((paper, i) => (
                <td key={grid.columns[i]} className="px-1 py-1.5">
                  {paper && <PaperCell paper={paper} onOpen={onOpen} />}
                  {i === row.cells.length - 1 &&
                    row.others.map((other) => <PaperCell key={other.id} paper={other} onOpen={onOpen} />)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function PaperCell({ paper, onOpen }: { paper: Paper; onOpen: (paper: Paper) => void }) {
  const { done, share } = paper;
  return (
    <button
      type="button"
      onClick={() => onOpen(paper)}
      className={`min-h-[46px] w-full min-w-[86px] rounded-md border px-2 py-1 text-left hover:border-petrol ${done ? 'border-line bg-wash' : 'border-dashed border-line'}`}
    >
      <span className="sr-only">{paper.name}: </span>
      {done ? (
        <>
          <span className={`block text-[15px] leading-tight font-bold ${toneOf(share)}`}>
            {share === undefined ? 'done' : percent(share)}
          </span>
          <span className="text-[12px] text-soft">{dayName(done.day)}</span>
        </>
      ) : (
        <span className="text-[13px] text-soft">not done</span>
      )}
    </button>
  );
}

function toneOf(share: number | undefined): string {
  if (share === undefined) return '';
  if (share < WEAK) return 'text-rust';
  return share >= STRONG ? 'text-moss' : 'text-ink';
}
