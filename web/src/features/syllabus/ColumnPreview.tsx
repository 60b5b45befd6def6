import { COLUMNS, type Column, type SyllabusLook } from './syllabusFile';

type Props = { look: SyllabusLook; onChoose: (place: number, column: Column | undefined) => void };

/** The first rows of a table, and above each column what it holds. */
export function ColumnPreview({ look, onChoose }: Props) {
  return (
    <div className="mb-2 overflow-x-auto rounded-md border border-line">
      <table className="border-collapse text-[13px]">
        <thead>
          <tr className="bg-wash">
            {look.headings.map((heading, place) => (
              <th key={place} className="min-w-[130px] p-1.5 text-left align-top font-semibold">
                <span className="block max-w-[16rem] truncate px-0.5">
                  {heading || `Column ${place + 1}`}
                </span>
                <select
                  aria-label={`What “${heading || `column ${place + 1}`}” holds`}
                  className="mt-1 min-h-8 w-full rounded border border-line bg-card px-1 font-normal"
                  value={look.columns.find((one) => one.place === place)?.column ?? ''}
                  onChange={(event) =>
                    onChoose(place, (event.target.value || undefined) as Column | undefined)
                  }
                >
                  <option value="">Leave out</option>
                  {(Object.keys(COLUMNS) as Column[]).map((column) => (
                    <option key={column} value={column}>
                      {COLUMNS[column]}
                    </option>
                  ))}
                </select>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {look.firstRows.map((row, i) => (
            <tr key={i} className="border-t border-line/60">
              {look.headings.map((_, place) => (
                <td key={place} className="max-w-[16rem] truncate px-2 py-1">
                  {row[place]}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
