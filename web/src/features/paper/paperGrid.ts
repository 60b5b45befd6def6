import type { Api } from '../../api';

export type Paper = Api['PaperView'];

export type PaperGrid = {
  columns: string[];
  rows: { when: string; cells: (Paper | undefined)[]; others: Paper[] }[];
};

/** Papers by when they were set and which they are, in the order of the list; two under one name stand one by one. */
export function gridOf(papers: Paper[]): PaperGrid {
  const columns = [...new Set(papers.map(columnOf))];
  const whens = [...new Set(papers.map(whenOf))];
  const rows = whens.map((when) => {
    const own = papers.filter((paper) => whenOf(paper) === when);
    const cells = columns.map((column) => own.find((paper) => columnOf(paper) === column));
    return { when, cells, others: own.filter((paper) => !cells.includes(paper)) };
  });
  return { columns, rows };
}

const whenOf = (paper: Paper) => [paper.year, paper.sitting].filter(Boolean).join(' ') || 'No year';

const columnOf = (paper: Paper) => {
  const number = /^\d/.test(paper.paper) ? `Paper ${paper.paper}` : paper.paper;
  return [number, paper.variant].filter(Boolean).join(' ') || 'Paper';
};

/** Several names typed in one line, set apart by commas. */
export const namesIn = (line: string) =>
  line
    .split(',')
    .map((name) => name.trim())
    .filter(Boolean);

export const TRENDS: Record<Api['TrendView']['direction'], string> = {
  UP: 'getting better',
  DOWN: 'getting worse',
  LEVEL: 'about the same',
  ONE_PAPER: 'one paper so far',
};
