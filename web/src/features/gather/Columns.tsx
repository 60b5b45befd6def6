import { v7 as newId } from 'uuid';
import type { Api } from '../../api';
import type { Becomes } from './useGathering';

type Props = {
  found: Api['FileFound'];
  details: Api['Detail'][];
  becomes: Becomes[];
  onChange: (becomes: Becomes[]) => void;
};

const PARTS: [Becomes['into'], string][] = [
  ['NAME', 'Name'],
  ['ADDRESS', 'Address'],
  ['WHY', 'Why I kept it'],
  ['NOTE', 'Note'],
  ['HEADING', 'Heading'],
  ['NOTHING', 'nothing, leave it out'],
];

const KINDS: [Api['Detail']['kind'], string][] = [
  ['WORDS', 'a new detail: words'],
  ['NUMBER', 'a new detail: a number'],
  ['DAY', 'a new detail: a day'],
  ['YES_OR_NO', 'a new detail: yes or no'],
  ['ONE_OF', 'a new detail: one of a few values'],
  ['SOME_OF', 'a new detail: some of a few values'],
  ['PERSON', 'a new detail: people'],
];

/** What each column of a table becomes; the first guess is the core's. */
export function Columns({ found, details, becomes, onChange }: Props) {
  const known = new Set(details.map(({ id }) => id));
  const choose = (at: number, value: string) =>
    onChange(
      becomes.map((one, i) => (i === at ? chosen(value, found.columns[i]?.heading ?? '', details) : one)),
    );
  return (
    <table className="mb-4 w-full text-left">
      <thead className="text-[13px]">
        <tr className="border-b border-line">
          <th className="py-1.5 pr-3 font-semibold">In the table</th>
          <th className="py-1.5 font-semibold">becomes</th>
        </tr>
      </thead>
      <tbody>
        {found.columns.map(({ heading, samples }, at) => (
          <tr key={at} className="border-b border-line align-top">
            <th scope="row" className="py-1.5 pr-3 font-normal">
              <b>{heading || `Column ${at + 1}`}</b>
              <span className="block max-w-80 truncate text-[13px] text-soft">{samples.join(' · ')}</span>
            </th>
            <td className="py-1.5">
              <select
                aria-label={`What ${heading || `column ${at + 1}`} becomes`}
                value={choiceOf(becomes[at], known)}
                className="min-h-9 w-full rounded-md border border-line bg-card px-2"
                onChange={({ target: { value } }) => choose(at, value)}
              >
                {PARTS.map(([value, name]) => (
                  <option key={value} value={value}>
                    {name}
                  </option>
                ))}
                {details.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
                {KINDS.map(([value, name]) => (
                  <option key={value} value={value}>
                    {name}
                  </option>
                ))}
              </select>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** A part of each thing, a detail that is there by its id, or a new one by its kind. */
function choiceOf(becomes: Becomes | undefined, known: Set<string>): string {
  if (becomes?.into !== 'DETAIL' || !becomes.detail) return becomes?.into ?? 'NOTHING';
  return known.has(becomes.detail.id) ? becomes.detail.id : becomes.detail.kind;
}

function chosen(value: string, heading: string, details: Api['Detail'][]): Becomes {
  const there = details.find(({ id }) => id === value);
  if (there) return { into: 'DETAIL', detail: there };
  const kind = KINDS.find(([one]) => one === value)?.[0];
  return kind
    ? { into: 'DETAIL', detail: { id: newId(), name: heading.slice(0, 60) || 'Column', kind, unit: '' } }
    : { into: value as Becomes['into'] };
}
